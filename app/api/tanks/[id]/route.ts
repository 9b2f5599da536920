import { answer, docOf, readBody, versionOf } from '@/server/answer';
import { tanks } from '@/store/tanks';

export const PUT = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const body = await readBody(request);
    return tanks.update(db, versionOf(body), docOf(body, (await params).id));
  });
