import { perceivedLosses, OBJECTIVES, type Objective } from './objectives';
import type { Considered } from './search';
import { sum } from '../maths/sum';

/** How much each wish counts against the others; more is more. */
export type Weights = Readonly<Record<Objective, number>>;

/**
 * What a search begins with: long service, clear water and bacteria before all else; cost, minutes and turnover, which
 * mostly go along with them, and the work of the change for half.
 */
export const DEFAULT_WEIGHTS: Weights = {
  service: 1,
  clear: 1,
  cover: 1,
  turnover: 0.5,
  cost: 0.5,
  minutes: 0.5,
  change: 0.5,
};

/** Scores that differ by less are alike. */
const TIE = 1e-9;

/** How much the sum of all wishes counts beside the one that is granted least (calibrated). */
const SUM_WEIGHT = 0.3;

/**
 * Ranks packs by all wishes together: each loss as it is felt, as a share of the way from the best to the worst of the packs, the
 * greatest of them above all and their sum beside it.
 *
 * @param all losses of the packs that are held against each other
 * @returns of losses: less is better
 * @source augmented Chebyshev scalarisation, Steuer & Choo 1983 (Math. Program. 26, 326).
 */
function balanceAmong(
  all: readonly (readonly number[])[],
  weights: Weights = DEFAULT_WEIGHTS,
): (losses: readonly number[]) => number {
  const felt = all.map(perceivedLosses);
  const best = OBJECTIVES.map((_, index) => Math.min(...felt.map((losses) => losses[index]!)));
  const worst = OBJECTIVES.map((_, index) => Math.max(...felt.map((losses) => losses[index]!)));
  return (raw) => {
    const losses = perceivedLosses(raw);
    const shares = OBJECTIVES.map((wish, index) =>
      worst[index]! > best[index]!
        ? (weights[wish] * (losses[index]! - best[index]!)) / (worst[index]! - best[index]!)
        : 0,
    );
    return Math.max(...shares) + SUM_WEIGHT * sum(shares);
  };
}

/** Packs ranked by all wishes together, the best first; of those alike, the one that stays closed for longest. */
export function ranked<T extends Pick<Considered, 'losses' | 'figures'>>(
  packs: readonly T[],
  weights: Weights = DEFAULT_WEIGHTS,
): T[] {
  const balance = balanceAmong(
    packs.map(({ losses }) => losses),
    weights,
  );
  return packs
    .map((pack) => ({ pack, score: balance(pack.losses) }))
    .sort((a, b) =>
      Math.abs(a.score - b.score) > TIE ? a.score - b.score : b.pack.figures.service - a.pack.figures.service,
    )
    .map(({ pack }) => pack);
}
