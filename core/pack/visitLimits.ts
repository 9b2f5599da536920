/** Most visits that are planned ahead: one a week for a year. */
export const MAX_VISITS = 53;

/** How far ahead anything is reckoned that is planned or shown, days; and at most, where more is asked for. */
export const HORIZON = 365;
export const MAX_FORECAST_DAYS = 730;
