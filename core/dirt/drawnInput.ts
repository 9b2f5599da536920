import type { Filter } from '../filter/filter';
import { narrowedAt } from '../hydraulics/lipHeight';
import { feedPerDay, type Range } from '../tank/feedPerDay';
import { normalSample } from '../units/normalSample';
import type { CloggingInput } from './clogging';
import { DIRT_SPREAD } from './dirtNumbers';
import { feedUncertainty } from './feedUncertainty';
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
 * the feed rate is unknown.
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
  const { filter } = input.own;
  const spreads = learned === null ? freshSpreads(filter, food) : [];
  const known = learned === null ? spreads.length : learned.mean.length;
  // What no log tells stands behind what it may: media that stand above a lip.
  const drawn = normalSample(sample.runs, known + 1, sample.seed)[run]!;
  const factors =
    learned === null
      ? Object.fromEntries(spreads.map(([key, spread], index) => [key, spread ** drawn[index]!]))
      : learnedFactors(posteriorPoint(learned, drawn), food);
  return withFactors(
    input,
    filter.spill === null ? factors : { ...factors, narrowed: narrowedAt(drawn[known]!) },
  );
}

/** What is uncertain while nobody has read anything, each with its spread. */
const freshSpreads = (filter: Filter, food: Range): readonly (readonly [keyof ClogFactors, number])[] => [
  ...(Object.entries(DIRT_SPREAD) as [keyof typeof DIRT_SPREAD, number][]),
  ...(Object.entries(filterSpreads(filter)) as ['head' | 'bore', number][]),
  ['solid', SOLID_SPREAD],
  ['fed', feedUncertainty(food)],
];

/** A point of what was learned: its mean, and the root of its covariance times a standard normal point. */
const posteriorPoint = ({ mean, root }: Posterior, normal: readonly number[]): number[] =>
  mean.map((value, row) => root[row]!.reduce((sum, factor, column) => sum + factor * normal[column]!, value));
