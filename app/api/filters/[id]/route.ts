import { answer, docOf, readBody, versionOf } from '@/server/answer';
import { filters } from '@/store/filters';

type Context = { params: Promise<{ id: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async (db) => {
    const body = await readBody(request);
    return filters.update(db, versionOf(body), docOf(body, (await params).id));
  });

export const DELETE = (_: Request, { params }: Context) =>
  answer(async (db) => filters.remove(db, (await params).id));
