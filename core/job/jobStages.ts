/** The stages of a strip-and-repack, in order. */
export const JOB_STAGES = ['strip', 'plan', 'repack', 'done'] as const;
