import { coursesOf, crossing, type Simulated } from '../dirt/serviceCourse';
import type { ServiceBy } from '../dirt/serviceMeasures';

/** When service is due again, and what calls for it. */
export interface ServiceFrom {
  readonly day: number | null;
  readonly by: ServiceBy;
}

/**
 * The first day from one on, on which anything calls for service: what was low before it has been seen to.
 *
 * @param from a whole day of the simulation, the last on which hands were in the filter
 */
export function serviceDayFrom(simulation: Simulated, from: number): ServiceFrom {
  const found = coursesOf(simulation)
    .map(({ by, course, limit }) => {
      const day = crossing(course.subarray(from), limit);
      return { by, day: day === null ? null : from + day };
    })
    .sort((a, b) => (a.day ?? Infinity) - (b.day ?? Infinity));
  return found[0] ?? { by: 'through', day: null };
}
