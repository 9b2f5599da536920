import type { Filter } from '../filter/filter';
import { DAY_MS } from '../units/daysBetween';

/** Days for which a lamp stays off after new media was seeded: two to three weeks (common practice, no source). */
const OFF_FOR = 21;
/** Share of the film that must have come through a repack for the lamp to stay on (calibrated). */
const WHOLE_FILM_SHARE = 0.95;

/**
 * The moment from which on a UV lamp may be lit after a repack; null without a lamp, where no film was lost, and once it
 * is past.
 */
export function uvOnDate(
  { equipment }: Pick<Filter, 'equipment'>,
  repackedAt: string,
  kept: number,
  now: string,
): string | null {
  if (!equipment.includes('UV lamp') || kept >= WHOLE_FILM_SHARE) return null;
  const until = Date.parse(repackedAt) + OFF_FOR * DAY_MS;
  return until > Date.parse(now) ? new Date(until).toISOString() : null;
}
