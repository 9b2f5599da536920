import type { Chamber, Filter } from './filter';

/** Id of the space under the lowest tray of an up-flow body, where a preset has one. */
export const BOTTOM_SPACE = 'bottom';

/** Kinds whose water turns upward at the bottom of the body. */
const UP_FLOW: readonly Filter['kind'][] = [
  'canister-centre-pipe',
  'canister-side-riser',
  'canister-prefilter',
];

/**
 * True where rings and balls drop heavy dirt before the foam: in the space under the trays of an up-flow body, and in
 * its lowest tray.
 */
export function isSettlementPlace(
  { kind, chambers }: Pick<Filter, 'kind' | 'chambers'>,
  chamber: Chamber,
): boolean {
  if (!UP_FLOW.includes(kind)) return false;
  const rising = chambers.filter(({ where, way }) => where === 'body' && way === 'up');
  const lowestTray = rising.find(({ id }) => id !== BOTTOM_SPACE);
  return chamber === lowestTray || (chamber.id === BOTTOM_SPACE && rising.includes(chamber));
}

/** The space under the trays, or null where the body has none. */
export const bottomSpace = ({ chambers }: Pick<Filter, 'chambers'>): Chamber | null =>
  chambers.find(({ id }) => id === BOTTOM_SPACE) ?? null;
