const DAY = 86_400_000;

/** "today", "yesterday", "12 days ago", by the calendar of the reader. */
export function daysAgo(moment: string, now: Date = new Date()): string {
  const midnight = (date: Date): number =>
    new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
  const days = Math.round((midnight(now) - midnight(new Date(moment))) / DAY);
  if (days <= 0) return 'today';
  return days === 1 ? 'yesterday' : `${days} days ago`;
}
