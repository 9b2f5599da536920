import type { Due } from '@/core/care/due';

/** “today”, “tomorrow”, “in 12 days”, “3 days overdue”, “any day now”. */
export function formatDueDate({ inDays, latestInDays }: Pick<Due, 'inDays' | 'latestInDays'>): string {
  if (inDays <= 0 && latestInDays !== null && latestInDays > 0) return 'any day now';
  if (inDays < 0) return `${-inDays} ${inDays === -1 ? 'day' : 'days'} overdue`;
  if (inDays === 0) return 'today';
  return inDays === 1 ? 'tomorrow' : `in ${inDays} days`;
}
