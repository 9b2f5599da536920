import { DAY } from './time';

/** Milliseconds in a day. */
export const DAY_MS = 1000 * DAY;

/**
 * Days from one moment to another, broken; below 0 backwards.
 *
 * @param from, to ISO moments
 * @example daysBetween('2026-06-01T12:00:00Z', '2026-06-03T00:00:00Z') // 1.5
 */
export const daysBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / DAY_MS;
