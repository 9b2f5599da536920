/** How far one step may go. */
interface Pace {
  /** Change of what calls for service, as a share of its clean value, that a step should bring at most. */
  readonly change: number;
  /** Change of the share of what fits that any layer holds: clean media catch more as they fill. */
  readonly filled: number;
  /** Most days of a step. */
  readonly longest: number;
}

/** Until service is due: its day is the answer (calibrated: see {@link calmDays}). */
const UNTIL_DUE: Pace = { change: 0.03, filled: 0.03, longest: 8 };
/** When service is long due, its course is only drawn (calibrated: the drawn range moves by 1 % of the clean value at most). */
const ONCE_DUE: Pace = { change: 0.15, filled: 0.15, longest: 64 };
/** How many times as long as the last a step is at most. */
const MAX_GROWTH = 2;

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
 * @param isDue service is due already, and only the trend is needed
 * @param last days of the step before
 * @param before,after,clean what calls for service as the last step began and ended, and when the media were clean
 */
export function calmDays(isDue: boolean, last: number, before: Calls, after: Calls, clean: Calls): number {
  const pace = isDue ? ONCE_DUE : UNTIL_DUE;
  const change = Math.max(
    share(before.through, after.through, clean.through),
    share(before.headroom, after.headroom, clean.headroom),
    share(before.kept, after.kept, clean.kept),
  );
  const filled = after.fullness.reduce(
    (most, full, place) => Math.max(most, Math.abs(full - before.fullness[place]!)),
    0,
  );
  const longer = Math.min(MAX_GROWTH, pace.change / change, pace.filled / filled);
  const days = Math.floor(last * longer);
  return days > 1 ? Math.min(pace.longest, days) : 1;
}

/** Change as a share of the clean value; 0 for what a filter does not have. */
const share = (before: number, after: number, clean: number): number =>
  Number.isFinite(after - before) && clean > 0 ? Math.abs(after - before) / clean : 0;
