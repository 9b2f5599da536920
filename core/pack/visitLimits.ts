/** Most visits that are planned ahead: one a week for a year. */
export const MOST_VISITS = 53;

/** How far ahead anything is reckoned, days. */
export const HORIZON = 365;
