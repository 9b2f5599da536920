'use client';
import type { Due } from '@/core/care/due';
import type { HomeRow } from '@/server/homeRow';
import { useWords } from '../fields/Habits';
import { AppLink } from '../frame/AppLink';
import { whenSaid } from '../outlook/whenSaid';
import styles from './TodayList.module.css';

/** Rows that are listed at most; each filter’s own list says the rest. */
const MOST = 6;

interface Listed {
  readonly row: HomeRow;
  /** Soonest first; at least one. */
  readonly items: readonly [Due, ...Due[]];
}

/** Filters that have something to do, the most overdue first. */
const bySoonest = (all: readonly { readonly row: HomeRow; readonly items: readonly Due[] }[]): Listed[] =>
  all
    .filter((listed): listed is Listed => listed.items.length > 0)
    .sort((a, b) => a.items[0].inDays - b.items[0].inDays);

/** What is due today across all filters, or what comes next where nothing is. */
export function TodayList({ rows }: { readonly rows: readonly HomeRow[] }) {
  const words = useWords();
  const now = bySoonest(rows.map((row) => ({ row, items: row.due.filter(({ inDays }) => inDays <= 0) })));
  const next = bySoonest(rows.map((row) => ({ row, items: row.due.slice(0, 1) }))).slice(0, 1);
  const listed = now.length > 0 ? now.slice(0, MOST) : next;
  if (listed.length === 0) return null;
  const minutes = now.flatMap(({ items }) => items).reduce((sum, item) => sum + (item.minutes ?? 0), 0);
  return (
    <section aria-label="Due today" className={styles.today}>
      <h2 className={styles.title}>
        {now.length > 0 ? 'Due now' : 'Nothing is due today. Next:'}
        {minutes > 0 ? (
          <small>
            about {words.number(minutes, 0)} minutes in{' '}
            {now.length === 1 ? 'one filter' : `${now.length} filters`}
          </small>
        ) : null}
      </h2>
      <ul>
        {listed.map(({ row, items: [first, ...more] }) => (
          <li key={row.id} className={styles.item}>
            <AppLink href={`/filter/${row.id}/care`}>{row.name}</AppLink>
            <span suppressHydrationWarning className={styles.when} data-now={first.inDays <= 0}>
              {whenSaid(first)}
            </span>
            <span>{[first, ...more].map(({ what }) => words.say(what)).join(' ')}</span>
          </li>
        ))}
      </ul>
      {now.length > MOST ? <p className="quiet">and {now.length - MOST} more filters</p> : null}
    </section>
  );
}
