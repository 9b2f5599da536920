import { dedupeTankItems } from '@/core/care/due';
import { formatSentence } from '@/core/units/sentence';
import { calendarOf } from '@/formats/calendar';
import { NotFoundError } from '@/store/errors';
import type { Db } from '@/store/openDatabase';
import { homeRow } from './homeRow';
import { loadHome } from './loadHome';
import { readingHabits } from './readingHabits';
import { sentAs } from './sentAs';

/** What is due as an iCalendar file: of all filters, or of one. @throws NotFoundError */
export async function calendarFile(db: Db, wanted: string | null): Promise<Response> {
  const habits = await readingHabits();
  const now = new Date().toISOString();
  const rows = loadHome(db, now)
    .filters.filter(({ filter }) => wanted === null || filter.id === wanted)
    .map((filter) => homeRow(filter, now));
  if (wanted !== null && rows.length === 0) throw new NotFoundError('filter');
  return sentAs(
    calendarOf(dedupeTankItems(rows), (sentence) => formatSentence(sentence, habits), now),
    'text/calendar; charset=utf-8',
    'filters.ics',
  );
}
