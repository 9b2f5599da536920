/** A time to the next service in whole days or weeks. */
export interface ServiceSpan {
  readonly unit: 'days' | 'weeks';
  readonly from: number;
  /** null: perhaps not within what was simulated. */
  readonly to: number | null;
}

/** Days in each unit. */
export const DAYS_IN = { days: 1, weeks: 7 } as const;
/** While the early end is below this many days a range is shown in days. */
const IN_DAYS = 14;

/**
 * A range of days as a keeper says it: the early end rounded down and the late end up; in weeks where it begins a fortnight
 * from now or later.
 *
 * @example serviceSpan(43, 154) // { unit: 'weeks', from: 6, to: 22 }
 */
export function serviceSpan(earliest: number, latest: number | null): ServiceSpan {
  const unit = earliest < IN_DAYS ? 'days' : 'weeks';
  const days = DAYS_IN[unit];
  return { unit, from: Math.floor(earliest / days), to: latest === null ? null : Math.ceil(latest / days) };
}
