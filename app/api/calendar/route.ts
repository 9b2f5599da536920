import { answer } from '@/server/answer';
import { calendarFile } from '@/server/calendarFile';

/** What is due as an iCalendar file: of all filters, or of one (`?filter=`). */
export const GET = (request: Request) =>
  answer((db) => calendarFile(db, new URL(request.url).searchParams.get('filter')));
