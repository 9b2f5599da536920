import { answer, docOf, readBody, versionOf } from '@/server/answer';
import { packs } from '@/store/packs';

export const PUT = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const body = await readBody(request);
    return packs.update(db, versionOf(body), docOf(body, (await params).id));
  });
