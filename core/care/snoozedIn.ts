import type { LogEntry } from '../log/logEntry';

/** Something due that the keeper put off. */
export interface Snoozed {
  /** The entry of the log that says so: without it the item is due on its own day again. */
  readonly entryId: string;
  /** ISO date */
  readonly until: string;
  readonly why: string;
}

/**
 * How an item was put off last, until a day that has not come; null: it was not.
 *
 * @param log in any order
 * @param key of the item
 * @param now ISO moment
 */
export function snoozedIn(log: readonly LogEntry[], key: string, now: string): Snoozed | null {
  const today = now.slice(0, 10);
  const last = log.reduce<Extract<LogEntry, { kind: 'snooze' }> | null>(
    (newest, entry) =>
      entry.kind === 'snooze' && entry.item === key && (newest === null || entry.at > newest.at)
        ? entry
        : newest,
    null,
  );
  return last === null || last.until <= today
    ? null
    : { entryId: last.id, until: last.until, why: last.note };
}
