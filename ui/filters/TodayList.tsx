'use client';
import { useState } from 'react';
import type { HomePage } from '@/server/homePage';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { formatDueDate } from '../outlook/formatDueDate';
import { lazyPart } from '../frame/lazyPart';
import styles from './TodayList.module.css';

// The list is read before it is put in order.
const TodayOrder = lazyPart(() => import('./TodayOrder').then((module) => module.TodayOrder));

/** What is due today across all filters, or what comes next where nothing is. */
export function TodayList({
  due: { now, filters, count, minutes, order },
}: {
  readonly due: HomePage['due'];
}) {
  const words = useWords();
  const [isOrdering, setIsOrdering] = useState(false);
  if (filters.length === 0) return null;
  return (
    <section aria-label="Due today" className={styles.today}>
      {/* A paragraph: the headings of home are its filters. */}
      <p className={styles.title}>
        {now ? 'Due now' : 'Nothing due today. Next:'}
        {minutes > 0 ? (
          <small>
            about {words.number(minutes, 0)} minutes in {count === 1 ? 'one filter' : `${count} filters`}
          </small>
        ) : null}
        <a href="/api/calendar" download className={styles.calendar}>
          Save to a calendar file
        </a>
      </p>
      <ul>
        {filters.map(({ id, name, items }, place) => (
          <li key={id} className={styles.item}>
            <AppLink href={`/filter/${id}/care`}>{name}</AppLink>
            <span suppressHydrationWarning className={styles.when} data-now={items[0].inDays <= 0}>
              {formatDueDate(items[0])}
            </span>
            <span>{items.map(({ what }) => words.say(what)).join(' ')}</span>
            {!isOrdering ? null : (
              <TodayOrder ids={filters.map((filter) => filter.id)} {...{ name, place, order }} />
            )}
          </li>
        ))}
      </ul>
      {filters.length < 2 ? null : (
        <button type="button" className={styles.change} onClick={() => setIsOrdering(!isOrdering)}>
          {isOrdering ? 'Done' : 'Change order'}
        </button>
      )}
      {count > filters.length ? <p className="quiet">and {count - filters.length} more filters</p> : null}
    </section>
  );
}
