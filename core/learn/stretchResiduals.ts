import { Matrix } from 'ml-matrix';
import { DIRT_STATES } from '../layers/layerStates';
import { normalShare } from '../maths/normalShare';
import { forwardSubstitution } from '../maths/forwardSubstitution';
import { cholesky } from './cholesky';
import type { StretchPrediction } from './predictStretch';
import type { LogSegment } from './stretch';

/** What the model is off in a stretch, as a share of the flow: shared by all its readings (calibrated). */
export const MODEL_ERROR = 0.05;
/** Least error of a level, m: of one reading, and of the model for all of a stretch (calibrated). */
const LEVEL_ERROR = 1e-3;
/** Least share that a jug is off, however alike its fillings are (calibrated). */
const MIN_SPREAD = 0.015;
/** How sharply a keeper distinguishes a low flow from a fine one, as a spread of the logarithm (calibrated). */
const FEEL_SPREAD = 0.1;

/** Shares of what fits that divide clean, dusted, loaded and blocked, and how softly the eye divides there (calibrated). */
const SEEN_LIMITS = [0.1, 0.4, 0.8] as const;
const STATE_EDGE_SPREAD = 0.03;
/** Probability of calling a state what it is, its neighbour, or something else (calibrated). */
const CHANCE_OF_CALLING = { same: 0.6, sameAtEnd: 0.8, neighbour: 0.2, other: 0.01 } as const;

const MIN_LIKELIHOOD = 1e-9;

/** Error of flows read in a stretch, as the root of its covariance over their logarithms. */
export const flowErrorRoot = ({ flows }: Pick<LogSegment, 'flows'>): Matrix =>
  errorRoot(
    flows.map(({ spread }) => Math.max(MIN_SPREAD, spread)),
    MODEL_ERROR,
  );

/** The same of levels, in m. */
export const levelErrorRoot = (
  { levels }: Pick<LogSegment, 'levels'>,
  { cleanLevel }: Pick<StretchPrediction, 'cleanLevel'>,
): Matrix =>
  errorRoot(
    levels.map(() => LEVEL_ERROR),
    Math.max(LEVEL_ERROR, MODEL_ERROR * Math.abs(cleanLevel)),
  );

/** Root of the covariance of readings with an error of their own and one that they share. */
function errorRoot(own: readonly number[], shared: number): Matrix {
  const covariance = Matrix.ones(own.length, own.length).mul(shared ** 2);
  own.forEach((spread, place) => covariance.set(place, place, spread ** 2 + shared ** 2));
  return cholesky(covariance);
}

/**
 * How far a prediction is from what was seen, as numbers whose squares add up to −2·ln of the likelihood, but for a
 * constant. Differences of flows and levels are made independent of each other by the root of their covariance.
 *
 * @param flowRoot of {@link flowErrorRoot}
 */
export function stretchResiduals(
  stretch: LogSegment,
  predicted: StretchPrediction,
  flowRoot: Matrix,
): number[] {
  const flows = stretch.flows.map(({ flow }, place) => Math.log(flow / predicted.flows[place]!));
  const levels = stretch.levels.map(({ headroom }, place) => headroom - predicted.levels[place]!);
  return [
    ...forwardSubstitution(flowRoot, flows),
    ...forwardSubstitution(levelErrorRoot(stretch, predicted), levels),
    ...stretch.services.map(({ flowWas }, place) => {
      const low = normalShare(-Math.log(Math.max(1e-6, predicted.overLimit[place]!)) / FEEL_SPREAD);
      return deviance(flowWas === 'low' ? low : 1 - low);
    }),
    ...stretch.seen.map(({ dirt }, place) => deviance(likelihoodOfDirt(predicted.held[place]!, dirt))),
  ];
}

const deviance = (likelihood: number): number =>
  Math.sqrt(-2 * Math.log(Math.min(1, Math.max(MIN_LIKELIHOOD, likelihood))));

/** Probability that a layer is called so dirty that holds a share of what fits, 0–1. */
export function likelihoodOfDirt(share: number, dirt: (typeof DIRT_STATES)[number]): number {
  const called = DIRT_STATES.indexOf(dirt);
  const above = [1, ...SEEN_LIMITS.map((limit) => normalShare((share - limit) / STATE_EDGE_SPREAD)), 0];
  return DIRT_STATES.reduce((sum, _, state) => {
    const is = above[state]! - above[state + 1]!;
    const atEnd = state === 0 || state === DIRT_STATES.length - 1;
    const apart = Math.abs(called - state);
    const calls =
      apart === 0
        ? atEnd
          ? CHANCE_OF_CALLING.sameAtEnd
          : CHANCE_OF_CALLING.same
        : apart === 1
          ? CHANCE_OF_CALLING.neighbour
          : CHANCE_OF_CALLING.other;
    return sum + is * calls;
  }, 0);
}
