import { change, readBody, versionOf } from '@/server/answer';
import { jobs } from '@/store/jobs';

type Context = { params: Promise<{ id: string; packId: string }> };

export const DELETE = async (request: Request, { params }: Context) => {
  const { id, packId } = await params;
  return change(request, readBody, (db, body) => jobs.dropAlternative(db, id, versionOf(body), packId));
};
