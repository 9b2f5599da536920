import { answer, docOf, readBody, versionOf } from '@/server/answer';
import { JobSchema } from '@/core/job/job';
import { JOB_STAGES, type JobStage } from '@/core/job/stage';
import { valid } from '@/store/documentTable';
import { InvalidError } from '@/store/errors';
import { jobs } from '@/store/jobs';

type Context = { params: Promise<{ id: string }> };

/** Saves the ticks and the clock of a job. */
export const PUT = (request: Request, { params }: Context) =>
  answer(async (db) => {
    const body = await readBody(request);
    const { id } = await params;
    return jobs.saveWork(db, id, versionOf(body), valid(JobSchema, docOf(body, id)));
  });

/** Moves a job to a stage; `done` finishes it. */
export const PATCH = (request: Request, { params }: Context) =>
  answer(async (db) => {
    const body = await readBody(request);
    const { id } = await params;
    const stage = JOB_STAGES.find((one): one is JobStage => one === body.stage);
    if (stage === undefined) throw new InvalidError(['stage: there is no such stage.']);
    return stage === 'done'
      ? jobs.finish(db, id, versionOf(body))
      : jobs.moveTo(db, id, versionOf(body), stage);
  });

export const DELETE = (_: Request, { params }: Context) =>
  answer(async (db) => jobs.drop(db, (await params).id));
