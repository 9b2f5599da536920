import { answer, change, readBody } from '@/server/answer';
import { outlookInput } from '@/server/outlookInput';
import { InvalidError, UnreadableError } from '@/store/errors';
import { outlooks } from '@/store/outlooks';

/** null where a document that is needed cannot be read: home says which, and what to do. */
function readable<T>(read: () => T): T | null {
  try {
    return read();
  } catch (error) {
    if (error instanceof UnreadableError) return null;
    throw error;
  }
}

/** What lies ahead of a filter as worked out last, and all that it is worked out from. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const { id } = await params;
    return {
      state: outlooks.get(db, id),
      input: readable(() => outlookInput(db, id, new Date().toISOString())),
    };
  });

/** Keeps what was worked out of a revision. */
export const PUT = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readBody, (db, { revision, outlook }) => {
    if (typeof revision !== 'number' || !Number.isSafeInteger(revision))
      throw new InvalidError(['revision: the number of what it was worked out from is missing.']);
    return outlooks.put(db, id, revision, outlook);
  });
};
