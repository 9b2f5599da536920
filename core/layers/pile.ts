import type { Treatment } from './layer';

/** Where a piece goes that came out of a filter. */
export const PILES = ['goes back', 'spare', 'throw away'] as const;
export type Pile = (typeof PILES)[number];

/**
 * The pile that a treatment lays a piece on.
 *
 * @example pileOf('squeeze') // 'goes back'
 */
export const pileOf = (treatment: Treatment): Pile =>
  treatment === 'spare' || treatment === 'throw away' ? treatment : 'goes back';
