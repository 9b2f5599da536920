'use client';
import { futureEntries } from '@/core/log/futureEntries';
import type { LogEntry } from '@/core/log/logEntry';
import { useWords } from '../fields/UnitsProvider';
import styles from './EntriesAhead.module.css';

/** Says that entries lie ahead of this computer’s clock; nothing where none do. */
export function EntriesAhead({
  entries,
  now,
}: {
  readonly entries: readonly LogEntry[];
  readonly now: string;
}) {
  const words = useWords();
  const ahead = futureEntries(entries, now);
  if (ahead.length === 0) return null;
  const one = ahead.length === 1;
  return (
    <p role="alert" className={styles.clock}>
      <strong>
        {one ? 'A log entry is' : `${ahead.length} log entries are`} ahead of this computer’s clock
      </strong>{' '}
      (latest: {words.date(ahead[0]?.at ?? now, { day: 'numeric', month: 'long', year: 'numeric' })}). What is
      due counts from {one ? 'it' : 'them'}. Correct the clock, or edit the dates on Log.
    </p>
  );
}
