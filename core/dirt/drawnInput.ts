import type { Filter } from '../filter/filter';
import { narrowedAt } from '../hydraulics/lipHeight';
import type { Range } from '../maths/range';
import { feedPerDay } from '../tank/feedPerDay';
import { normalSample } from '../maths/normalSample';
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
 * was assumed of pump, hoses and media; as the filter’s log leaves it where something was learned from it.
 *
 * @param run number of the run, from 0 to sample.runs − 1
 */
export function drawnInput(
  input: CloggingInput,
  run: number,
  sample: Sample,
  learned: Posterior | null = null,
): CloggingInput {
  const food = feedPerDay(input.tank);
  const { filter } = input.own;
  const spreads = learned === null ? freshSpreads(filter, food) : [];
  const known = learned === null ? spreads.length : learned.mean.length;
  // What no log can teach comes last: media that stand above a lip.
  const drawn = pointsOf(sample, known + 1)[run]!;
  const factors =
    learned === null
      ? Object.fromEntries(spreads.map(([key, spread], index) => [key, spread ** drawn[index]!]))
      : learnedFactors(posteriorPoint(learned, drawn), food);
  return withFactors(
    input,
    filter.spill === null ? factors : { ...factors, narrowed: narrowedAt(drawn[known]!) },
  );
}

/** The sample drawn last: all runs of an ensemble take their point from the same one. */
const lastDrawn = { key: '', points: [] as readonly (readonly number[])[] };

/** The points of a sample by run, drawn once for all of its runs. */
function pointsOf({ runs, seed }: Sample, coordinates: number): readonly (readonly number[])[] {
  const key = [runs, coordinates, seed].join();
  if (lastDrawn.key !== key) Object.assign(lastDrawn, { key, points: normalSample(runs, coordinates, seed) });
  return lastDrawn.points;
}

/** What is uncertain before anything was learned from a log, each with its spread. */
const freshSpreads = (filter: Filter, food: Range): readonly (readonly [keyof ClogFactors, number])[] => [
  ...(Object.entries(DIRT_SPREAD) as [keyof typeof DIRT_SPREAD, number][]),
  ...(Object.entries(filterSpreads(filter)) as ['head' | 'bore', number][]),
  ['solid', SOLID_SPREAD],
  ['fed', feedUncertainty(food)],
];

/** A point of what was learned: its mean, and the root of its covariance times a standard normal point. */
const posteriorPoint = ({ mean, root }: Posterior, normal: readonly number[]): number[] =>
  mean.map((value, row) => root[row]!.reduce((sum, factor, column) => sum + factor * normal[column]!, value));
