import type { Filter } from '../filter/filter';
import { feedPerDay, type Range } from '../tank/feedPerDay';
import { normalSample } from '../units/normalSample';
import type { CloggingInput } from './clogging';
import { DIRT_SPREAD } from './dirtNumbers';
import { fedSpread } from './fedSpread';
import { filterSpreads, SOLID_SPREAD } from './filterSpreads';
import { learnedFactors } from './learnedFactors';
import type { Posterior } from './posterior';
import { withFactors, type ClogFactors } from './withFactors';

/** A set of runs that belong together; the same seed draws the same. */
export interface Sample {
  readonly runs: number;
  readonly seed: number;
}

/**
 * What a simulation begins from with everything uncertain drawn anew: food, the numbers of the dirt model, and what
 * was assumed of pump, hoses and media; as the filter’s log leaves it where something was learned from it. Null when
 * nobody has said what is fed.
 *
 * @param run number of the run, from 0 to sample.runs − 1
 */
export function drawnInput(
  input: CloggingInput,
  run: number,
  sample: Sample,
  learned: Posterior | null = null,
): CloggingInput | null {
  const food = feedPerDay(input.tank.feed);
  if (food === null) return null;
  const factors =
    learned === null
      ? freshFactors(input.own.filter, food, run, sample)
      : learnedFactors(posteriorPoint(learned, run, sample), food);
  return withFactors(input, factors);
}

/** Factors of one run as nobody has read anything yet. */
function freshFactors(filter: Filter, food: Range, run: number, { runs, seed }: Sample): ClogFactors {
  const spreads: readonly (readonly [keyof ClogFactors, number])[] = [
    ...(Object.entries(DIRT_SPREAD) as [keyof typeof DIRT_SPREAD, number][]),
    ...(Object.entries(filterSpreads(filter)) as ['head' | 'bore', number][]),
    ['solid', SOLID_SPREAD],
    ['fed', fedSpread(food)],
  ];
  const point = normalSample(runs, spreads.length, seed)[run] ?? [];
  return Object.fromEntries(spreads.map(([key, spread], index) => [key, spread ** point[index]!]));
}

/** One point of what was learned: its mean, and the root of its covariance times a standard normal point. */
function posteriorPoint({ mean, root }: Posterior, run: number, { runs, seed }: Sample): number[] {
  const normal = normalSample(runs, mean.length, seed)[run]!;
  return mean.map((value, row) =>
    root[row]!.reduce((sum, factor, column) => sum + factor * normal[column]!, value),
  );
}
