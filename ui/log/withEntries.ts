import type { LogEntry } from '@/core/log/logEntry';

/** A log without the entries that are gone, and with those that came. */
export function withEntries(
  log: readonly LogEntry[],
  gone: readonly LogEntry[],
  come: readonly LogEntry[],
): LogEntry[] {
  const ids = new Set(gone.map(({ id }) => id));
  return [...log.filter(({ id }) => !ids.has(id)), ...come];
}

/** The same for one entry that went, came or was changed. */
export const withEntry = (
  log: readonly LogEntry[],
  gone: LogEntry | null,
  come: LogEntry | null,
): LogEntry[] => withEntries(log, gone === null ? [] : [gone], come === null ? [] : [come]);
