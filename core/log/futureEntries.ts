import type { LogEntry } from './logEntry';
import { daysBetween } from '../units/daysBetween';

/** Days by which two clocks may differ, zones of the world and a little more, before one of them is wrong. */
const CLOCKS_APART = 1.5;

/**
 * Entries that lie ahead of now: the clock was wrong when they were made, or is now. What is expected and due counts
 * from them.
 *
 * @param now ISO moment
 */
export const futureEntries = (entries: readonly LogEntry[], now: string): LogEntry[] =>
  entries.filter(({ at }) => daysBetween(now, at) > CLOCKS_APART);
