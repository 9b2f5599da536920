'use client';
import type { LogEntry } from '@/core/log/logEntry';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { describeLogEntry } from '../job/describeLogEntry';
import { LAST_ENTRIES } from './lastEntryCount';
import styles from './LastEntries.module.css';

interface Props {
  readonly filterId: string;
  /** A pack is on record: there is a card of it, and days to put into a calendar. */
  readonly isPacked: boolean;
  /** Newest first. */
  readonly entries: readonly LogEntry[];
  readonly nameOf: (layerId: string) => string | null;
}

/** What was logged last; all of it is on Log. */
export function LastEntries({ filterId, isPacked, entries, nameOf }: Props) {
  const words = useWords();
  return (
    <section aria-label="Last entries" className={styles.part}>
      <h2 className={styles.title}>Last entries</h2>
      {entries.length === 0 ? <p className="quiet">Nothing logged yet.</p> : null}
      <ol className={styles.list}>
        {entries.slice(0, LAST_ENTRIES).map((entry) => (
          <li key={entry.id} className={styles.entry}>
            <span className="caption" suppressHydrationWarning>
              {words.date(entry.at, { day: 'numeric', month: 'short' })}
            </span>
            <span>
              {describeLogEntry(entry, words, nameOf)}
              {entry.note === '' ? '' : `: ${entry.note}`}
            </span>
          </li>
        ))}
      </ol>
      <p className={styles.links}>
        <AppLink href={`/filter/${filterId}/log`}>Add to the log</AppLink>
        {isPacked ? (
          <>
            <AppLink href={`/filter/${filterId}/card`}>Pack card</AppLink>
            <a href={`/api/calendar?filter=${filterId}`} download>
              Save what is due as a calendar file
            </a>
          </>
        ) : null}
      </p>
    </section>
  );
}
