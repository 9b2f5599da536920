import { LOG_PAGE } from '@/core/log/logPage';
import { answer, change, listOf, readBody } from '@/server/answer';
import { logPage } from '@/server/logPage';
import { log } from '@/store/log';

type Context = { params: Promise<{ id: string }> };

/** A page of a filter’s log, newest first: `?kind=`, `?text=`, `?from=`. */
export const GET = (request: Request, { params }: Context) =>
  answer(async (db) => {
    const { id } = await params;
    const asked = new URL(request.url).searchParams;
    const from = Number(asked.get('from') ?? 0);
    return logPage(db, id, {
      kind: asked.get('kind'),
      text: (asked.get('text') ?? '').trim().slice(0, 100),
      from: Number.isSafeInteger(from) && from > 0 ? from : 0,
      count: LOG_PAGE,
    });
  });

/** Adds `entries` of a file that the log has not got yet; with `?try` it says how many and adds none. */
export const POST = async (request: Request, { params }: Context) => {
  const { id } = await params;
  const isTrial = new URL(request.url).searchParams.has('try');
  if (isTrial)
    return answer(async (db) => ({
      missing: log.missing(db, id, listOf(await readBody(request), 'entries')).length,
    }));
  return change(request, readBody, (db, body) => {
    const missing = log.missing(db, id, listOf(body, 'entries'));
    log.addAll(db, id, missing);
    return { added: missing.map((entry) => entry.id) };
  });
};

/** Takes the entries with these `ids` out of the log: what was just added is undone. */
export const DELETE = async (request: Request, { params }: Context) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => log.removeAll(db, id, listOf(body, 'ids')));
};
