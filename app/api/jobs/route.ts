import { IdSchema } from '@/core/document/fields';
import { OccasionSchema } from '@/core/job/job';
import { change, readBody } from '@/server/answer';
import { valid } from '@/store/documentTable';
import { jobs } from '@/store/jobs';

/** Begins a job on a filter: a repack, or the first pack of a new one. */
export const POST = (request: Request) =>
  change(request, readBody, (db, { filterId, occasion }) =>
    jobs.start(db, valid(IdSchema, filterId), valid(OccasionSchema, occasion)),
  );
