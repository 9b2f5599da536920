/** Longest time away that is planned for, days. */
export const MAX_DAYS_AWAY = 120;
