export const MAX_STAGES = 24;

export const LAST_STAGE_DAY = 365;
