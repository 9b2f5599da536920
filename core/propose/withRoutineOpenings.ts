import type { Filter } from '../filter/filter';
import { visitBurden } from '../service/visitBurden';

/**
 * Days after which a filter is opened though nothing is due, to look at seal, impeller and dirt: keepers leave the
 * largest of them shut for four to six months (common practice, no source).
 */
export const MAX_CLOSED_DAYS = 182;

/** Openings a year that every filter gets. */
const MIN_OPENINGS = 2;
/** Parts of the body in hand then: the impeller. */
const LOOKED_AT = 1;

/**
 * Visits and minutes of a year with the openings of a filter that is hardly ever due: those that are left to two a year
 * are for its impeller alone.
 *
 * @param year visits and minutes that are due
 * @example withRoutineOpenings(reedBench.filter, { visits: 0, minutes: 0 }).minutes // 48
 */
export function withRoutineOpenings(
  filter: Filter,
  { visits, minutes }: { readonly visits: number; readonly minutes: number },
): { visits: number; minutes: number } {
  const more = Math.max(0, MIN_OPENINGS - visits);
  return { visits: visits + more, minutes: minutes + more * visitBurden(filter, [], [], LOOKED_AT).minutes };
}
