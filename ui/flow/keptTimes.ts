import { DAY_MS } from '@/core/units/daysBetween';

/** Times of a reading that is not saved yet, kept in this browser so that a reload loses none. */
export interface KeptTimes {
  /** Of the jug, m³. */
  readonly jug: number;
  /** Of each filling, s. */
  readonly seconds: readonly number[];
  /** When the filling that runs began, ms since 1970; null while the watch stands. */
  readonly startedAt: number | null;
}

/** A reading is worth nothing after a day: the jug was put away. */
const GOOD_FOR = DAY_MS;

const keyOf = (filterId: string): string => `neat-times:${filterId}`;

/** Reads what was kept for a filter; null where there is nothing, or nothing that can be used. */
export function readKeptTimes(filterId: string, now: number): KeptTimes | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(filterId)) ?? 'null');
    return isKept(kept) && now - kept.at < GOOD_FOR ? kept : null;
  } catch {
    // Not to be read, or no storage: then nothing is kept.
    return null;
  }
}

/** Keeps the times; an empty watch keeps nothing. */
export function keepTimes(filterId: string, times: KeptTimes, now: number): void {
  try {
    if (times.seconds.length === 0 && times.startedAt === null) localStorage.removeItem(keyOf(filterId));
    else localStorage.setItem(keyOf(filterId), JSON.stringify({ ...times, at: now }));
  } catch {
    // No storage: a reload loses them, and nothing else.
  }
}

function isKept(value: unknown): value is KeptTimes & { at: number } {
  if (typeof value !== 'object' || value === null) return false;
  const { jug, seconds, startedAt, at } = value as Record<string, unknown>;
  return (
    typeof jug === 'number' &&
    jug > 0 &&
    Array.isArray(seconds) &&
    seconds.every((time) => typeof time === 'number' && time > 0) &&
    (startedAt === null || typeof startedAt === 'number') &&
    typeof at === 'number'
  );
}
