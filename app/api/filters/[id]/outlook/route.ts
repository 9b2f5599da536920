import { answer, change, noBody } from '@/server/answer';
import { hasOutlookFailed, retryOutlook } from '@/server/outlookWork';
import { outlooks } from '@/store/outlooks';

/** The forecast of a filter as worked out last, and whether a newer answer could not be worked out. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const { id } = await params;
    const state = outlooks.get(db, id);
    return { state, failed: hasOutlookFailed(id, state) };
  });

/** Tries once more to work out what could not be worked out. */
export const POST = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, noBody, (db) => {
    const state = outlooks.get(db, id);
    retryOutlook(id);
    return state;
  });
};
