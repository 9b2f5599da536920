'use client';
import { useState } from 'react';
import type { LogEntry } from '@/core/log/logEntry';
import { useWords } from '../fields/UnitsProvider';
import { describeLogEntry } from '../job/describeLogEntry';
import { send } from '../state/send';
import styles from './WaterTestsPage.module.css';

interface Props {
  readonly log: readonly LogEntry[];
  readonly onRemoved: (id: string) => void;
  readonly onBack: (entry: LogEntry) => void;
}

/** Most entries shown: the newest. */
const MAX_SHOWN = 40;

/** What was logged of the water, the newest first; a wrong entry is deleted, and can be brought back. */
export function EntryTable({ log, onRemoved, onBack }: Props) {
  const words = useWords();
  const [removed, setRemoved] = useState<LogEntry | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const entries = log
    .filter(
      ({ kind }) => kind === 'test' || kind === 'water change' || kind === 'addition' || kind === 'cloudy',
    )
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
    .slice(0, MAX_SHOWN);
  const remove = async (entry: LogEntry) => {
    const outcome = await send('DELETE', `/api/log/${entry.id}`);
    if (outcome.kind !== 'saved') {
      setFault('The entry could not be deleted. Try again.');
      return;
    }
    setFault(null);
    setRemoved(entry);
    onRemoved(entry.id);
  };
  const back = async () => {
    if (removed === null) return;
    const outcome = await send<LogEntry>('POST', '/api/log', removed);
    if (outcome.kind === 'saved') {
      onBack(removed);
      setRemoved(null);
    } else setFault('The entry could not be restored. Try again.');
  };
  return (
    <section aria-label="Log of the water">
      {removed === null ? null : (
        <p role="status">
          Entry deleted.{' '}
          <button type="button" className={styles.link} onClick={() => void back()}>
            Undo
          </button>
        </p>
      )}
      {fault === null ? null : <p role="alert">{fault}</p>}
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
                    onClick={() => void remove(entry)}
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
