import { answer } from '@/server/answer';
import { FEED_PATH } from '@/server/homeDoor';
import { sharing } from '@/server/sharing';
import { calendarFeed } from '@/store/calendarFeed';
import { InvalidError } from '@/store/errors';

/** Makes a new secret address for calendars, told only now; the one before stops working. */
export const POST = () =>
  answer((db) => {
    const [host] = sharing()?.hosts ?? [];
    if (host === undefined)
      throw new InvalidError(['Start the app with --share to make a calendar address.']);
    return { address: `https://${host}${FEED_PATH}${calendarFeed.make(db, new Date().toISOString())}` };
  });

/** Ends the address. */
export const DELETE = () => answer((db) => calendarFeed.revoke(db));
