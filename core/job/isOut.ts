import type { JobStage } from './stage';

/** True while the media of a filter are out of it, or on their way out. */
export const isOut = (stage: JobStage): boolean => stage === 'strip' || stage === 'repack';
