import { z } from 'zod';

/** The stages of a strip-and-repack, in order. */
export const JOB_STAGES = ['strip', 'plan', 'repack', 'done'] as const;
export const JobStageSchema = z.enum(JOB_STAGES);
export type JobStage = z.infer<typeof JobStageSchema>;

/** True when `stage` lies before the stage the job has reached. */
export const isPast = (stage: JobStage, reached: JobStage): boolean =>
  JOB_STAGES.indexOf(stage) < JOB_STAGES.indexOf(reached);
