import { change, docOf, readBody, versionOf } from '@/server/answer';
import { packs } from '@/store/packs';

export const PUT = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => packs.update(db, versionOf(body), docOf(body, id)));
};
