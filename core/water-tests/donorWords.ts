import { MAX_DONOR_SHARE } from '../practice/donorShare';
import type { AirFilter } from '../tank/airFilter';
import { mediumById } from '../media/catalogue';
import { daysBetween } from '../units/daysBetween';
import { lowerFirst } from '../units/firstLetter';
import { sentence, type Sentence } from '../units/sentence';

/** Days after which an air-driven filter is mature enough to give media away (common practice, no source). */
const MATURE_AFTER = 42;

/**
 * Mature media on the same tank that can seed what is new: air-driven filters that have run long enough. Null where there
 * is none.
 *
 * @param now ISO moment
 */
export function donorWords(filters: readonly AirFilter[], now: string): Sentence | null {
  const [donor] = filters
    .filter(({ installedOn }) => installedOn === null || daysBetween(installedOn, now) >= MATURE_AFTER)
    .sort((a, b) => b.volume - a.volume);
  return donor === undefined
    ? null
    : sentence`Move up to ${{ kind: 'volume', si: donor.volume * MAX_DONOR_SHARE }} of mature ${lowerFirst(mediumById(donor.medium).name)} from the air-driven ${donor.kind} into this filter, to seed it with bacteria.`;
}
