import { JOB_STAGES } from './jobStages';
import type { JobStage } from './stage';

/** True when `stage` lies before the stage the job has reached. */
export const isPast = (stage: JobStage, reached: JobStage): boolean =>
  JOB_STAGES.indexOf(stage) < JOB_STAGES.indexOf(reached);
