/** Most plans beside the plan. */
export const MOST_ALTERNATIVES = 5;
