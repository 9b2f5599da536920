import { daysBetween } from '@/core/units/daysBetween';
import type { Db } from '@/store/openDatabase';
import { outlooks } from '@/store/outlooks';

/** An outlook that is old. */
export interface Waiting {
  readonly filterId: string;
  readonly revision: number;
}

/** Days ahead within which a filter counts as due. */
const DUE_WITHIN = 14;

/**
 * Which of the old outlooks is worked out next: the filter that was looked at last, then those that are due by what was known
 * before, the soonest first; the rest only when nobody uses the app.
 *
 * @param looked ids of filters of which a page was drawn, the last one first
 * @param now ISO moment
 */
export function nextOutlook(
  db: Db,
  waiting: readonly Waiting[],
  looked: readonly string[],
  isIdle: boolean,
  now: string,
): Waiting | null {
  for (const id of looked) {
    const seen = waiting.find(({ filterId }) => filterId === id);
    if (seen !== undefined) return seen;
  }
  const dueIn = new Map(waiting.map((item) => [item, daysUntilDue(db, item, now)]));
  const ranked = waiting.toSorted((a, b) => (dueIn.get(a) ?? Infinity) - (dueIn.get(b) ?? Infinity));
  const [first] = ranked;
  if (first === undefined) return null;
  return isIdle || (dueIn.get(first) ?? Infinity) <= DUE_WITHIN ? first : null;
}

/** Days until the next service by what was worked out last; infinite where nothing was. */
function daysUntilDue(db: Db, { filterId }: Waiting, now: string): number {
  const ahead = outlooks.get(db, filterId).outlook?.forecast ?? null;
  return ahead === null || ahead.earliest === null
    ? Infinity
    : ahead.earliest - daysBetween(ahead.packedAt, now);
}
