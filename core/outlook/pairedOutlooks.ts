import { cloggingInput, type ForecastInput } from '../dirt/cloggingInput';
import { simulateClogging } from '../dirt/cloggingSimulation';
import { drawnInput, type Sample } from '../dirt/drawnInput';
import { ensembleRange } from '../dirt/ensembleRange';
import { forecast } from '../dirt/forecast';
import { keepsDirt } from '../dirt/keepsDirt';
import { serviceDayOf, serviceCourse } from '../dirt/serviceCourse';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { HORIZON } from '../pack/visitLimits';
import { visitBurden } from '../service/visitBurden';

/** What comes of cleaning another filter of the tank every so often. */
export interface PairedOutlook {
  /** Days between two cleanings of the other filter; or cleaned only when it is due; or it is not there at all. */
  readonly way: number | 'when due' | 'without';
  /** Days from a clean pack to the service of this filter; null: not within a year. */
  readonly earliest: number | null;
  readonly likely: number | null;
  readonly latest: number | null;
  /** Of both filters in a year. */
  readonly minutes: number;
}

/** The other filter that is held against this one, with what comes of it. */
export interface Paired {
  readonly otherId: string;
  readonly outlooks: readonly PairedOutlook[];
}

/** Ways that are compared, days. */
const CLEANING_INTERVALS = [7, 14, 28, 'when due', 'without'] as const;
/** Fewer runs than a forecast that is read by the day: four of them are compared (calibrated: ends within a tenth). */
const SAMPLE: Sample = { runs: 32, seed: 1 };

interface OnTank {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
}

/** Minutes to clean the mechanical layers of a filter. */
function cleaningMinutes({ filter, layers }: OnTank): number {
  const inFlow = placeLayers(filter, layers);
  return visitBurden(
    filter,
    inFlow,
    inFlow.filter(keepsDirt).map(({ layer }) => layer.id),
  ).minutes;
}

/** The other filter that is cleaned with the fewest minutes; null where none has mechanical layers. */
function easiest(others: readonly OnTank[]): OnTank | null {
  return (
    others
      .filter(({ filter, layers }) => placeLayers(filter, layers).some(keepsDirt))
      .sort((a, b) => cleaningMinutes(a) - cleaningMinutes(b))[0] ?? null
  );
}

/**
 * How much longer a filter stays shut where another on its tank takes the dirt, for the other cleaned every week, two
 * or four, and only when it is due; with the minutes of both. Takes seconds: ask a worker. Null where there is no other
 * filter with mechanical layers.
 */
export function pairedOutlooks(input: ForecastInput): Paired | null {
  const other = easiest(input.others);
  if (other === null) return null;
  const outlooks = CLEANING_INTERVALS.map((way) => outlookOf(input, other, way));
  const known = outlooks.filter((outlook) => outlook !== null);
  return known.length < outlooks.length ? null : { otherId: other.filter.id, outlooks: known };
}

function outlookOf(input: ForecastInput, other: OnTank, way: PairedOutlook['way']): PairedOutlook | null {
  const cleanedEvery = typeof way === 'number' ? way : null;
  const others = input.others.flatMap((item) => {
    if (item !== other) return [item];
    return way === 'without' ? [] : [{ ...item, filter: { ...item.filter, cleanedEvery } }];
  });
  const asked: ForecastInput = { ...input, others, visits: [], days: HORIZON, brief: true };
  const likely = forecast(asked);
  const begins = cloggingInput(asked);
  const runs = Array.from({ length: SAMPLE.runs }, (_, run) => {
    const simulation = simulateClogging(drawnInput(begins, run, SAMPLE, input.learned));
    return { course: new Float32Array(0), serviceDay: serviceDayOf(serviceCourse(simulation)) };
  });
  const range = ensembleRange(runs);
  if (range === null) return null;
  const own = likely.serviceDay === null ? 1 : HORIZON / likely.serviceDay;
  return {
    way,
    earliest: range.earliest,
    likely: likely.serviceDay,
    latest: range.latest,
    // A filter that lasts for more than a year is still opened once in it.
    minutes:
      own * cleaningMinutes({ filter: input.filter, layers: input.layers }) +
      likely.simulation.othersCleaned * cleaningMinutes(other),
  };
}
