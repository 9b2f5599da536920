import { answer, readBody, versionOf } from '@/server/answer';
import { jobs } from '@/store/jobs';

export const DELETE = (request: Request, { params }: { params: Promise<{ id: string; packId: string }> }) =>
  answer(async (db) => {
    const { id, packId } = await params;
    return jobs.dropAlternative(db, id, versionOf(await readBody(request)), packId);
  });
