import type { CloggingSimulation } from './cloggingSimulation';
import { SERVICE_SHARE } from '../practice/serviceShare';

/** Headroom at which a hang-on-back wants service however much still goes through, m (calibrated: a bump must not spill it). */
const LEAST_HEADROOM = 5e-3;
/** One that has little from the start wants service when this share of it is left (calibrated). */
const OF_CLEAN = 0.5;

/** What a filter’s service hangs on: flow through the pack, or how far its water stands below the rim. */
export type ServiceBy = 'through' | 'headroom';

/** The course of that by day as a share of its clean value, and the share at which service is due. */
export interface ServiceCourse {
  readonly by: ServiceBy;
  readonly course: Float64Array;
  readonly limit: number;
}

type Simulated = Pick<CloggingSimulation, 'through' | 'headroom'>;

/** The course of one measure. */
export function courseBy({ through, headroom }: Simulated, by: ServiceBy): ServiceCourse {
  const values = by === 'through' ? through : headroom;
  const clean = values[0]!;
  const limit =
    by === 'through' ? SERVICE_SHARE : clean <= 0 ? 1 : Math.min(LEAST_HEADROOM / clean, OF_CLEAN);
  return { by, limit, course: Float64Array.from(values, (value) => (clean > 0 ? value / clean : 0)) };
}

/**
 * The measure that calls for service first, or that comes nearest to it: what falls in a closed body and past a notch
 * is the flow through the pack; where all water must go through, the level rises instead.
 */
export function serviceCourse(simulation: Simulated): ServiceCourse {
  const through = courseBy(simulation, 'through');
  if (Number.isNaN(simulation.headroom[0])) return through;
  const headroom = courseBy(simulation, 'headroom');
  const [a, b] = [serviceDayOf(through), serviceDayOf(headroom)];
  if (a !== null || b !== null) return (a ?? Infinity) <= (b ?? Infinity) ? through : headroom;
  const spare = ({ course, limit }: ServiceCourse): number =>
    (course.reduce((least, value) => Math.min(least, value), Infinity) - limit) / (1 - limit);
  return spare(through) <= spare(headroom) ? through : headroom;
}

/** The day on which service is due, or null when it is not within the days simulated. */
export const serviceDayOf = ({ course, limit }: ServiceCourse): number | null => crossing(course, limit);

/** When a course by day first falls to a limit, straight between days; null when it does not. */
export function crossing(course: Float64Array, limit: number): number | null {
  for (let day = 0; day < course.length; day += 1) {
    const value = course[day]!;
    if (!(value <= limit)) continue;
    const before = course[day - 1];
    return before === undefined ? 0 : day - 1 + (before - limit) / (before - value);
  }
  return null;
}
