'use client';
import { addDays, parseISO } from 'date-fns';
import type { Due } from '@/core/care/due';
import { joined } from '@/core/units/joined';
import { useWords } from '../fields/Habits';
import type { Words } from '../fields/wordsFor';
import styles from './DueRows.module.css';
import { whenSaid } from './whenSaid';

const DAY_WORDS = { weekday: 'short', day: 'numeric', month: 'short' } as const;

/** Its date, or the last of its range where that has begun. */
function dateSaid(words: Words, { on, inDays, latestInDays }: Due): string {
  if (inDays > 0 || latestInDays === null || latestInDays <= 0) return words.date(on, DAY_WORDS);
  return `by ${words.date(addDays(parseISO(on), latestInDays - inDays), DAY_WORDS)}`;
}

/** What is due, soonest first: when, what, why, and what to bring. */
export function DueRows({ due }: { readonly due: readonly Due[] }) {
  const words = useWords();
  return (
    <ul className={styles.rows}>
      {due.map((item) => (
        <li key={item.key} className={styles.row} data-now={item.inDays <= 0}>
          <span className={styles.when} suppressHydrationWarning>
            <strong>{whenSaid(item)}</strong>
            <small>{dateSaid(words, item)}</small>
          </span>
          <span>
            <strong>{words.say(item.what)}</strong> {words.say(item.why)}
            <small className={styles.with}>
              {[
                item.withWaterChange ? 'with the water change' : null,
                item.minutes === null ? null : `about ${words.number(item.minutes, 0)} minutes`,
                item.bring.length === 0 ? null : `bring ${joined(item.bring)}`,
              ]
                .filter((said) => said !== null)
                .join(' · ')}
            </small>
          </span>
        </li>
      ))}
    </ul>
  );
}
