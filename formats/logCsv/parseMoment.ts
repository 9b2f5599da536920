import { isValid, parse } from 'date-fns';

/** Which of day and month stands first where both are numbers with strokes between. */
export type DayOrder = 'day first' | 'month first';

/** A date without a time is taken to be of noon: whichever day it is anywhere, it is not the day before. */
const NOON = '12:00';

const DATE = /^(\d{1,4})([-/.])(\d{1,2})\2(\d{1,4})/;
const TIME_FORMATS = ['HH:mm', 'HH:mm:ss', 'h:mm a', 'h:mm:ss a'] as const;

/** The form of a date in the words of date-fns; null: it has none that is known. */
function formOf(date: string, order: DayOrder): string | null {
  const match = DATE.exec(date);
  if (match === null) return null;
  const [, first = '', sign = '', , last = ''] = match;
  if (first.length === 4) return `y${sign}M${sign}d`;
  if (first.length > 2 || (last.length !== 4 && last.length !== 2)) return null;
  const year = last.length === 4 ? 'y' : 'yy';
  // With dots between, the day stands first wherever dates are written so.
  return sign === '.' || order === 'day first' ? `d${sign}M${sign}${year}` : `M${sign}d${sign}${year}`;
}

/**
 * The moment that a cell, or a cell and one with the time of day, names: ISO 8601, or a date with points, strokes or
 * dashes and, after it, a time. Without a zone it is of this machine’s. Null: no moment.
 *
 * @param now years of two digits are of the century that brings them nearest to it
 */
export function parseMoment(date: string, time: string, order: DayOrder, now: Date): Date | null {
  const text = date.trim();
  if (/^\d{4}-\d\d-\d\dT.*(Z|[+-]\d\d:?\d\d)$/.test(text)) {
    const moment = new Date(text);
    return isValid(moment) ? moment : null;
  }
  const form = formOf(text, order);
  if (form === null) return null;
  const day = DATE.exec(text)?.[0] ?? '';
  const clock =
    text
      .slice(day.length)
      .replace(/^[T,\s]+/, '')
      .trim() ||
    time.trim() ||
    NOON;
  for (const timeForm of TIME_FORMATS) {
    const moment = parse(`${day} ${clock.toUpperCase()}`, `${form} ${timeForm}`, now);
    if (isValid(moment)) return moment;
  }
  return null;
}

/** Whether the dates with strokes of a column show which of day and month comes first; null: none does. */
export function dayOrderOf(cells: readonly string[]): DayOrder | null {
  for (const cell of cells) {
    const [, first = '', sign = '', second = ''] = DATE.exec(cell.trim()) ?? [];
    if (sign === '.' || first.length > 2) continue;
    if (Number(first) > 12) return 'day first';
    if (Number(second) > 12) return 'month first';
  }
  return null;
}
