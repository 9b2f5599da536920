import { OccasionSchema } from '@/core/job/job';
import { answer, readBody } from '@/server/answer';
import { valid } from '@/store/documentTable';
import { jobs } from '@/store/jobs';

/** Begins a job on a filter: a repack, or the first pack of a new one. */
export const POST = (request: Request) =>
  answer(async (db) => {
    const { filterId, occasion } = await readBody(request);
    return jobs.start(db, String(filterId), valid(OccasionSchema, occasion));
  });
