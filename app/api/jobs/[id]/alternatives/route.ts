import { answer, readBody, versionOf } from '@/server/answer';
import { jobs } from '@/store/jobs';

/** Adds another plan to a job: a name, its layers and its visits. */
export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const { name, layers, visits, ...body } = await readBody(request);
    return jobs.addAlternative(db, (await params).id, versionOf(body), { name, layers, visits });
  });
