import { z } from 'zod';
import { JOB_STAGES } from './jobStages';

export const JobStageSchema = z.enum(JOB_STAGES);
export type JobStage = z.infer<typeof JobStageSchema>;
