import { change, docOf, readBody, versionOf } from '@/server/answer';
import { tanks } from '@/store/tanks';

export const PUT = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => tanks.update(db, versionOf(body), docOf(body, id)));
};
