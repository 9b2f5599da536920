import { toldOnce } from '@/core/care/due';
import { formatSentence } from '@/core/units/sentence';
import { calendarOf } from '@/formats/calendar';
import { answer } from '@/server/answer';
import { homeRow } from '@/server/homeRow';
import { loadHome } from '@/server/loadHome';
import { readingHabits } from '@/server/readingHabits';
import { sentAs } from '@/server/sentAs';
import { NotFoundError } from '@/store/errors';

/** What is due as an iCalendar file: of all filters, or of one (`?filter=`). */
export const GET = (request: Request) =>
  answer(async (db) => {
    const wanted = new URL(request.url).searchParams.get('filter');
    const habits = await readingHabits();
    const now = new Date().toISOString();
    const rows = loadHome(db, now)
      .filters.filter(({ filter }) => wanted === null || filter.id === wanted)
      .map((filter) => homeRow(filter, now));
    if (wanted !== null && rows.length === 0) throw new NotFoundError('filter');
    return sentAs(
      calendarOf(toldOnce(rows), (sentence) => formatSentence(sentence, habits), now),
      'text/calendar; charset=utf-8',
      'filters.ics',
    );
  });
