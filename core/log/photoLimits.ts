/** Longest side of a stored photo, px: pores of a foam can still be counted. */
export const LONGEST_SIDE = 1600;

/** Largest file a keeper may choose, bytes. */
export const MAX_CHOSEN_BYTES = 30 * 2 ** 20;
