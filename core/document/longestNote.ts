/** Longest note, characters. */
export const LONGEST_NOTE = 2000;
