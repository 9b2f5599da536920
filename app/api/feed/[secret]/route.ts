import { answer } from '@/server/answer';
import { calendarFile } from '@/server/calendarFile';
import { calendarFeed } from '@/store/calendarFeed';
import { NotFoundError } from '@/store/errors';

/** What is due, for calendars that know the secret address: all that a device which is not paired may read. */
export const GET = (_: Request, { params }: { params: Promise<{ secret: string }> }) =>
  answer(async (db) => {
    if (!calendarFeed.isOpen(db, (await params).secret)) throw new NotFoundError('calendar');
    return calendarFile(db, null);
  });
