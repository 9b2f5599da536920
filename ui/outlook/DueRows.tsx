'use client';
import { addDays, parseISO } from 'date-fns';
import { useState } from 'react';
import type { Due } from '@/core/care/due';
import type { LogEntry } from '@/core/log/logEntry';
import { upperFirst } from '@/core/units/firstLetter';
import { joined } from '@/core/units/joined';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import { lazyPart, usePreload } from '../frame/lazyPart';
import styles from './DueRows.module.css';
import { formatDueDate } from './formatDueDate';

const SnoozeForm = lazyPart(() => import('./SnoozeForm').then((module) => module.SnoozeForm));

const DAY_WORDS = { weekday: 'short', day: 'numeric', month: 'short' } as const;

/** Its date, or the last of its range where that has begun. */
function dateSaid(words: Words, { on, inDays, latestInDays }: Due): string {
  if (inDays > 0 || latestInDays === null || latestInDays <= 0) return words.date(on, DAY_WORDS);
  return `by ${words.date(addDays(parseISO(on), latestInDays - inDays), DAY_WORDS)}`;
}

/** Most that are shown at once: what comes first, and Today stays one screen. */
const SHOWN = 4;

/** Why, how long, and what to bring. */
const details = (item: Due, words: Words): string =>
  [
    words.say(item.why),
    [
      item.withWaterChange ? 'With the water change' : null,
      item.minutes === null ? null : `about ${words.number(item.minutes, 0)} minutes`,
      item.bring.length === 0 ? null : `bring ${joined(item.bring)}`,
    ]
      .filter((said) => said !== null)
      .join(' · '),
  ]
    .filter((said) => said !== '')
    .map(upperFirst)
    .join(' ');

interface Props {
  readonly filterId: string;
  readonly due: readonly Due[];
  /** Something was put off. */
  readonly onSnoozed: (entry: LogEntry) => void;
  /** What was put off by this entry is due on its own day again. */
  readonly onWoken: (entryId: string) => void;
}

/** What is due, soonest first: when, what, why, and what to bring; any of it can be put off, with a reason. */
export function DueRows({ filterId, due, onSnoozed, onWoken }: Props) {
  const words = useWords();
  usePreload(SnoozeForm);
  const [all, setAll] = useState(false);
  const [putOff, setPutOff] = useState<string | null>(null);
  return (
    <ul className={styles.rows}>
      {due.slice(0, all ? due.length : SHOWN).map((item) => (
        <li key={item.key} className={styles.row} data-now={item.inDays <= 0}>
          <span className={styles.when} suppressHydrationWarning>
            <strong>{formatDueDate(item)}</strong>
            <small>{dateSaid(words, item)}</small>
          </span>
          <span>
            <strong>{words.say(item.what)}</strong>
            <small className={styles.with}>
              {details(item, words)}{' '}
              {item.snoozed === null ? (
                putOff === item.key ? null : (
                  <button
                    type="button"
                    className={styles.off}
                    aria-label={`Put off: ${words.say(item.what)}`}
                    onClick={() => setPutOff(item.key)}
                  >
                    Put off
                  </button>
                )
              ) : (
                <>
                  Put off: {item.snoozed.why}{' '}
                  <button
                    type="button"
                    className={styles.off}
                    aria-label={`Make due again: ${words.say(item.what)}`}
                    onClick={() => item.snoozed !== null && onWoken(item.snoozed.entryId)}
                  >
                    Make due again
                  </button>
                </>
              )}
            </small>
          </span>
          {putOff === item.key ? (
            <SnoozeForm
              filterId={filterId}
              item={item}
              onDone={(entry) => {
                setPutOff(null);
                if (entry !== null) onSnoozed(entry);
              }}
            />
          ) : null}
        </li>
      ))}
      {all || due.length <= SHOWN ? null : (
        <li className={styles.later}>
          <button type="button" className={styles.off} onClick={() => setAll(true)}>
            Show {due.length - SHOWN} more, from {formatDueDate(due[SHOWN]!)} on
          </button>
        </li>
      )}
    </ul>
  );
}
