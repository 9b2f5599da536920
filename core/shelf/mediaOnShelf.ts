import type { Shelf } from './shelf';

/** Ids of the media that a shelf lists, on hand or to be bought. */
export const mediaOnShelf = ({ items }: Shelf): string[] =>
  items.flatMap((item) => ('medium' in item ? [item.medium] : []));
