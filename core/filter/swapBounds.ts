/** Most stages of one swap. */
export const MAX_STAGES = 24;
/** The day by which a swap ends. */
export const LAST_STAGE_DAY = 365;
