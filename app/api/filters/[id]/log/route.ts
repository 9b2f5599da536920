import { LOG_PAGE } from '@/core/care/logPage';
import { answer } from '@/server/answer';
import { log } from '@/store/log';

/** A page of a filter’s log, newest first: `?kind=`, `?text=`, `?from=`. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const { id } = await params;
    const asked = new URL(request.url).searchParams;
    const from = Number(asked.get('from') ?? 0);
    return log.page(db, id, {
      kind: asked.get('kind'),
      text: (asked.get('text') ?? '').trim().slice(0, 100),
      from: Number.isSafeInteger(from) && from > 0 ? from : 0,
      count: LOG_PAGE,
    });
  });
