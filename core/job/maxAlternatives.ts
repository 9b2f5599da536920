/** Most plans beside the plan. */
export const MAX_ALTERNATIVES = 5;
