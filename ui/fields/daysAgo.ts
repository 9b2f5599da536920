import { differenceInCalendarDays, parseISO } from 'date-fns';

/** "today", "yesterday", "12 days ago", by the calendar of the reader. */
export function daysAgo(moment: string, now: Date = new Date()): string {
  const days = differenceInCalendarDays(now, parseISO(moment));
  if (days <= 0) return 'today';
  return days === 1 ? 'yesterday' : `${days} days ago`;
}
