import type { Chamber } from './filter';

/** How far along the flow media may reach in a chamber, m. */
export const usableDepth = (chamber: Chamber): number => chamber.stop ?? chamber.depth;
