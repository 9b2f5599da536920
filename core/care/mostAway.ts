/** Longest time away that is planned for, days. */
export const MAX_AWAY = 120;
