'use client';
import type { LogEntry } from '@/core/log/logEntry';
import { useWords } from '../fields/UnitsProvider';
import { describeLogEntry } from '../job/describeLogEntry';
import { DeletedEntry } from '../log/DeletedEntry';
import type { LogActions } from '../log/useLog';
import styles from './WaterTestsPage.module.css';

interface Props {
  readonly log: readonly LogEntry[];
  readonly actions: LogActions;
}

/** Most entries shown: the newest. */
const MAX_SHOWN = 40;

/** What was logged of the water, the newest first; a wrong entry is deleted, and can be brought back. */
export function EntryTable({ log, actions }: Props) {
  const words = useWords();
  const entries = log
    .filter(
      ({ kind }) => kind === 'test' || kind === 'water change' || kind === 'addition' || kind === 'cloudy',
    )
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
    .slice(0, MAX_SHOWN);
  return (
    <section aria-label="Log of the water">
      <DeletedEntry {...actions} />
      {entries.length === 0 ? (
        <p className="quiet">No entries yet.</p>
      ) : (
        <table className={styles.table}>
          <caption className="caption">Log of the water, newest first</caption>
          <tbody>
            {entries.map((entry) => (
              <tr key={entry.id}>
                <th scope="row">
                  {words.date(entry.at, { day: 'numeric', month: 'short' })}, {words.clock(entry.at)}
                </th>
                <td>{describeLogEntry(entry, words, () => null)}</td>
                <td>
                  <button
                    type="button"
                    className={styles.link}
                    onClick={() => void actions.remove(entry)}
                    aria-label={`Delete the entry of ${words.date(entry.at, { day: 'numeric', month: 'short' })}, ${words.clock(entry.at)}`}
                  >
                    Delete
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
