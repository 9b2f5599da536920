import type { LogEntry } from '../log/logEntry';

/** What a keeper says of a filter on a round of all filters. */
export type RoundAnswer = 'all well' | 'needs work';

/** The note that says on the log that a filter needs work. */
export const NEEDS_WORK = 'Needs work.';

/** Hours after which a filter is looked at anew: a round may be left and taken up again the same day (calibrated). */
export const ROUND_HOURS = 12;

/** Kinds of entries that answer. */
export const ROUND_KINDS = ['look', 'note'] as const satisfies readonly LogEntry['kind'][];

/**
 * What the entries of a filter answer; null: it was not looked at. The newest look or note of a round decides.
 *
 * @param entries of one filter since the round began, oldest first
 */
export function roundAnswer(entries: readonly LogEntry[]): RoundAnswer | null {
  for (const entry of entries.toReversed()) {
    if (entry.kind === 'look')
      return entry.seen.every((seen) => seen === 'all well') ? 'all well' : 'needs work';
    if (entry.kind === 'note' && entry.note === NEEDS_WORK) return 'needs work';
  }
  return null;
}
