/** Where along the tank, seen from the front. */
export const PLACES = ['left', 'middle', 'right'] as const;
export type Place = (typeof PLACES)[number];
