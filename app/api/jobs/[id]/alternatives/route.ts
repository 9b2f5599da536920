import { change, readBody, versionOf } from '@/server/answer';
import { jobs } from '@/store/jobs';

/** Adds another plan to a job: a name, its layers and its visits. */
export const POST = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => {
    const { name, layers, visits } = body;
    return jobs.addAlternative(db, id, versionOf(body), { name, layers, visits });
  });
};
