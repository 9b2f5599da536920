import { quantile } from '../maths/quantile';
import { RANGE_HIGH, RANGE_LOW } from '../maths/range';

/** Runs of an ensemble. */
export const ENSEMBLE_RUNS = 100;
/** One run: its course by day as shares of the clean value, and its service day, whatever calls for it. */
export interface EnsembleRun {
  readonly course: Float32Array;
  readonly serviceDay: number | null;
}

/** The likely range of a forecast: by day, and for the service day; null there: not within the days simulated. */
export interface EnsembleRange {
  readonly runs: number;
  readonly low: Float32Array;
  readonly high: Float32Array;
  readonly earliest: number | null;
  readonly latest: number | null;
}

/** The range that four of five courses lie in, by day. */
export function rangeOfCourses(courses: readonly Float32Array[]): Pick<EnsembleRange, 'low' | 'high'> {
  const days = courses[0]?.length ?? 0;
  const low = new Float32Array(days);
  const high = new Float32Array(days);
  const column = new Float32Array(courses.length);
  for (let day = 0; day < days; day += 1) {
    courses.forEach((course, index) => {
      column[index] = course[day]!;
    });
    column.sort();
    low[day] = quantile(column, RANGE_LOW);
    high[day] = quantile(column, RANGE_HIGH);
  }
  return { low, high };
}

/** The range that four of five runs lie in. */
export function ensembleRange(runs: readonly EnsembleRun[]): EnsembleRange | null {
  if (runs.length === 0) return null;
  // A run that never needs service is later than any that does.
  const serviceDays = Float64Array.from(runs, (run) => run.serviceDay ?? Infinity).sort();
  const orNull = (day: number): number | null => (Number.isFinite(day) ? day : null);
  return {
    runs: runs.length,
    ...rangeOfCourses(runs.map(({ course }) => course)),
    earliest: orNull(quantile(serviceDays, RANGE_LOW)),
    latest: orNull(quantile(serviceDays, RANGE_HIGH)),
  };
}
