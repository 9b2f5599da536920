/** Longest name of a place, characters. */
export const LONGEST_PLACE = 60;
