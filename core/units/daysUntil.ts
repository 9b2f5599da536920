import { DAY_MS, daysBetween } from './daysBetween';

/** ISO date on which so many days after a moment are over; days may be broken. */
export const dateAfter = (from: string, days: number): string =>
  new Date(Date.parse(from) + days * DAY_MS).toISOString().slice(0, 10);

/**
 * Whole days by the calendar from now until so many days after a moment; below 0: that day is past. By the calendar, so that
 * “in 16 days” and the date printed beside it are the same day at whatever hour it is asked.
 *
 * @param from, now ISO moments
 * @example daysUntil('2026-06-01T12:00:00Z', 40.7, '2026-06-02T22:00:00Z') // 40
 */
export const daysUntil = (from: string, days: number, now: string): number =>
  daysBetween(now.slice(0, 10), dateAfter(from, days));
