import type { CloggingSimulation } from './cloggingSimulation';
import { limitOf, MEASURES, type ServiceBy } from './serviceMeasures';

/** The course of that by day as a share of its clean value, and the share at which service is due. */
export interface ServiceCourse {
  readonly by: ServiceBy;
  readonly course: Float64Array;
  readonly limit: number;
}

export type Simulated = Pick<CloggingSimulation, ServiceBy | 'limits'>;

/** The course of one measure. */
export function courseBy(simulation: Simulated, by: ServiceBy): ServiceCourse {
  const values = simulation[by];
  const clean = values[0]!;
  return {
    by,
    limit: limitOf(by, clean, simulation.limits),
    course: values.map((value) => (clean > 0 ? value / clean : 0)),
  };
}

/** All measures that a filter has: only one with a rim has headroom, only one with mechanical layers can be full. */
export const coursesOf = (simulation: Simulated): ServiceCourse[] =>
  MEASURES.filter((by) => !Number.isNaN(simulation[by][0])).map((by) => courseBy(simulation, by));

/**
 * The measure that calls for service first, or that comes nearest to it: the flow through the pack falls, the level
 * of a hang-on-back rises, its mechanical layers are full and hand their dirt on, or an internal sponge is brown.
 */
export function serviceCourse(simulation: Simulated): ServiceCourse {
  const rank = (course: ServiceCourse): readonly [day: number, spare: number] => [
    serviceDayOf(course) ?? Infinity,
    (course.course.reduce((least, value) => Math.min(least, value), Infinity) - course.limit) /
      (1 - course.limit),
  ];
  const [first] = coursesOf(simulation)
    .map((course) => ({ course, rank: rank(course) }))
    .sort((a, b) => (a.rank[0] === b.rank[0] ? a.rank[1] - b.rank[1] : a.rank[0] - b.rank[0]));
  if (first === undefined) throw new Error('A filter has at least a flow.');
  return first.course;
}

/** The day on which service is due, or null when it is not within the days simulated. */
export const serviceDayOf = ({ course, limit }: ServiceCourse): number | null => crossing(course, limit);

/** When a course by day first falls to a limit, straight between days; null when it does not. */
export function crossing(course: ArrayLike<number>, limit: number): number | null {
  for (let day = 0; day < course.length; day += 1) {
    const value = course[day]!;
    if (!(value <= limit)) continue;
    const before = course[day - 1];
    return before === undefined ? 0 : day - 1 + (before - limit) / (before - value);
  }
  return null;
}
