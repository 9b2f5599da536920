import { Matrix } from 'ml-matrix';
import type { Posterior } from '../dirt/posterior';
import { seededNormal } from '../maths/seededNormal';
import type { LogModel } from './logModel';
import { cholesky } from './cholesky';
import { solveFalling } from '../maths/solveFalling';
import { sum, sumOf } from '../maths/sum';

/** Draws of one round. */
export const DRAWS_PER_ROUND = 240;
/** Share of them that must count, as equal draws, before no further round is drawn. */
const MIN_EFFECTIVE_SHARE = 1 / 2;
/**
 * Equal draws that the next proposal, and in the end the answer, is made from at least: weights are tempered to that. A
 * covariance of nine coordinates from fewer comes out too narrow (tried on simulated filters).
 */
const MIN_EFFECTIVE_DRAWS = 60;
/** Degrees of freedom of the proposal: its tails are heavier than those of what it stands for. */
const PROPOSAL_DEGREES_OF_FREEDOM = 5;
const SEED = 7;

/** From where points are drawn: about a mean, by the root of a covariance. */
export interface ProposalDensity {
  readonly mean: readonly number[];
  readonly root: readonly (readonly number[])[];
}

/** A point with the logarithm of its weight. */
export interface WeighedDraw {
  readonly point: readonly number[];
  readonly logWeight: number;
}

/**
 * Points of a multivariate t distribution with five degrees of freedom, each weighed by how much likelier the log makes
 * it than the proposal does. The same numbers draw the same, wherever they are worked out.
 *
 * @param from number of the first draw
 * @source importance sampling with a t proposal (MacKay, Information Theory, Inference, and Learning
 *   Algorithms, 2003, 29.2)
 */
export function weighedDraws(
  model: LogModel,
  proposal: ProposalDensity,
  from: number,
  count: number,
): WeighedDraw[] {
  return Array.from({ length: count }, (_, index) => {
    const normal = seededNormal(SEED * 1_000_003 + (from + index) * 7919);
    const steps = proposal.mean.map(normal);
    const spread = sum(Array.from({ length: PROPOSAL_DEGREES_OF_FREEDOM }, () => normal() ** 2));
    const stretch = Math.sqrt(PROPOSAL_DEGREES_OF_FREEDOM / spread);
    const point = proposal.mean.map(
      (value, row) =>
        value + stretch * steps.reduce((sum, step, column) => sum + proposal.root[row]![column]! * step, 0),
    );
    const distance = sumOf(steps, (step) => step ** 2) * stretch ** 2;
    const logProposal =
      -((PROPOSAL_DEGREES_OF_FREEDOM + steps.length) / 2) *
      Math.log1p(distance / PROPOSAL_DEGREES_OF_FREEDOM);
    const logPosterior = -sumOf(model.residuals(point), (value) => value ** 2) / 2;
    const logWeight = logPosterior - logProposal;
    return { point, logWeight: Number.isFinite(logWeight) ? logWeight : -Infinity };
  });
}

/**
 * Weights that add up to 1. Where a few draws outweigh all others, the weights are tempered, each to the same power
 * below 1, until they are worth {@link MIN_EFFECTIVE_DRAWS} equal draws: too wide a range is honest, too narrow a one is not.
 */
export function weightsOf(draws: readonly WeighedDraw[]): readonly number[] {
  const least = Math.min(MIN_EFFECTIVE_DRAWS, draws.length);
  const power = solveFalling((tried) => effectiveDraws(powered(draws, tried)) - least, 0, 1, POWER_TOLERANCE);
  return powered(draws, power);
}

/** How near to its solution the power is found. */
const POWER_TOLERANCE = 1e-9;

function powered(draws: readonly WeighedDraw[], power: number): number[] {
  const most = Math.max(...draws.map(({ logWeight }) => logWeight));
  const raw = draws.map(({ logWeight }) => Math.exp(power * (logWeight - most)));
  const all = sum(raw);
  return raw.map((value) => value / all);
}

/** How many equal draws weights are worth, 1 ÷ Σw² (Kish, Survey Sampling, 1965; from memory). */
export const effectiveDraws = (weights: readonly number[]): number =>
  1 / sumOf(weights, (value) => value ** 2);

/** Mean and root of the covariance of weighed draws. */
function momentsOf(draws: readonly WeighedDraw[], weights: readonly number[]): ProposalDensity {
  const size = draws[0]?.point.length ?? 0;
  const mean = Array.from({ length: size }, (_, place) =>
    draws.reduce((sum, { point }, index) => sum + weights[index]! * point[place]!, 0),
  );
  const covariance = Matrix.zeros(size, size);
  draws.forEach(({ point }, index) => {
    for (let row = 0; row < size; row += 1)
      for (let column = 0; column < size; column += 1)
        covariance.set(
          row,
          column,
          covariance.get(row, column) +
            weights[index]! * (point[row]! - mean[row]!) * (point[column]! - mean[column]!),
        );
  });
  for (let place = 0; place < size; place += 1)
    covariance.set(place, place, covariance.get(place, place) + MIN_VARIANCE);
  return { mean, root: cholesky(covariance).to2DArray() };
}

/** Keeps a covariance of few draws invertible. */
const MIN_VARIANCE = 1e-6;

/** From where the next round is drawn; null: these draws are worth enough. */
export const nextProposal = (draws: readonly WeighedDraw[]): ProposalDensity | null =>
  effectiveDraws(powered(draws, 1)) >= MIN_EFFECTIVE_SHARE * draws.length
    ? null
    : momentsOf(draws, weightsOf(draws));

/**
 * What is kept of a learned log.
 *
 * @param readings that it was learned from
 * @param places of the coordinates that hold today
 */
export function posteriorOf(
  draws: readonly WeighedDraw[],
  readings: number,
  places: readonly number[],
): Posterior {
  const today = draws.map(({ point, logWeight }) => ({
    point: places.map((place) => point[place]!),
    logWeight,
  }));
  const { mean, root } = momentsOf(today, weightsOf(today));
  return { readings, mean: [...mean], root: root.map((row) => [...row]) };
}
