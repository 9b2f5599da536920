import { answer, change, docOf, noBody, readBody, versionOf } from '@/server/answer';
import { JobSchema } from '@/core/job/job';
import { JobStageSchema } from '@/core/job/stage';
import { valid } from '@/store/documentTable';
import { jobs } from '@/store/jobs';

type Context = { params: Promise<{ id: string }> };

/** A repack as it is stored, for a device that looks what others have ticked. */
export const GET = async (_: Request, { params }: Context) => {
  const { id } = await params;
  return answer((db) => jobs.get(db, id));
};

/** Saves the ticks and the clock of a job. */
export const PUT = async (request: Request, { params }: Context) => {
  const { id } = await params;
  return change(request, readBody, (db, body) =>
    jobs.saveWork(db, id, versionOf(body), valid(JobSchema, docOf(body, id))),
  );
};

/** Moves a job to a stage; `done` finishes it. */
export const PATCH = async (request: Request, { params }: Context) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => {
    const stage = valid(JobStageSchema, body.stage);
    return stage === 'done'
      ? jobs.finish(db, id, versionOf(body))
      : jobs.moveTo(db, id, versionOf(body), stage);
  });
};

export const DELETE = async (request: Request, { params }: Context) => {
  const { id } = await params;
  return change(request, noBody, (db) => jobs.drop(db, id));
};
