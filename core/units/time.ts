/** Seconds in an hour and in a day; exact by definition. */
export const HOUR = 3600;
export const DAY = 24 * HOUR;
