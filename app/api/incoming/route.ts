import { answer, readBody } from '@/server/answer';
import { DOOR_HEADER } from '@/server/homeDoor';
import { beginIncoming } from '@/server/incomingFile';
import { InvalidError } from '@/store/errors';

/**
 * Begins to take in a backup or a full export of `size` bytes. Only this machine may: it can replace everything, and a
 * phone is lost more easily.
 */
export const POST = (request: Request) =>
  answer(async () => {
    if (request.headers.get(DOOR_HEADER) !== null)
      throw new InvalidError(['You can restore or import a file only on the computer itself.']);
    return beginIncoming((await readBody(request)).size);
  });
