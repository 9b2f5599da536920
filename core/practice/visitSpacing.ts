/** Fewest days between two visits, and between cleaning biological media and anything else (common practice, no source). */
export const MIN_DAYS_BETWEEN_VISITS = 7;
export const MIN_DAYS_BEFORE_BIOLOGICAL = 14;
