/** Longest time away that is planned for, days. */
export const MOST_AWAY = 120;
