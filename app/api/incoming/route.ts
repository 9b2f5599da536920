import { answer, readBody } from '@/server/answer';
import { beginIncoming } from '@/server/incomingFile';

/** Begins to take in a backup or a full export of `size` bytes. */
export const POST = (request: Request) => answer(async () => beginIncoming((await readBody(request)).size));
