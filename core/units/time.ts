/** Seconds in an hour and in a day; exact by definition. */
export const HOUR = 3600;
export const DAY = 24 * HOUR;
/** Days in a week, and in a mean year of the Julian calendar. */
export const DAYS_A_WEEK = 7;
export const DAYS_A_YEAR = 365.25;
