/** Change of what calls for service, as a share of its clean value, that one step should bring at most (calibrated: see {@link calmDays}). */
const MAX_CHANGE = 0.03;
/** Change of the share of what fits that any layer holds, that one step should bring at most: clean media catch more as they fill (calibrated likewise). */
const MAX_FILLED = 0.03;
/** Most days of a step, and how many times as long as the last it is at most. */
const LONGEST = 8;
const GROWTH = 2;

/** What calls for service, and what brings it on; see CloggingDay. */
interface Calls {
  readonly through: number;
  readonly headroom: number;
  readonly kept: number;
  readonly fullness: Float64Array;
}

/**
 * Whole days that pass in the next step while little changes, 1 or more; days between are read straight (calibrated: service
 * days are within 1 % of those of steps of 1/64 day, which `npm run judge` shows).
 *
 * @param last days of the step before
 * @param before,after,clean what calls for service as the last step began and ended, and when the media were clean
 */
export function calmDays(last: number, before: Calls, after: Calls, clean: Calls): number {
  const change = Math.max(
    share(before.through, after.through, clean.through),
    share(before.headroom, after.headroom, clean.headroom),
    share(before.kept, after.kept, clean.kept),
  );
  const filled = after.fullness.reduce(
    (most, full, place) => Math.max(most, Math.abs(full - before.fullness[place]!)),
    0,
  );
  const longer = Math.min(GROWTH, MAX_CHANGE / change, MAX_FILLED / filled);
  const days = Math.floor(last * longer);
  return days > 1 ? Math.min(LONGEST, days) : 1;
}

/** Change as a share of the clean value; 0 for what a filter does not have. */
const share = (before: number, after: number, clean: number): number =>
  Number.isFinite(after - before) && clean > 0 ? Math.abs(after - before) / clean : 0;
