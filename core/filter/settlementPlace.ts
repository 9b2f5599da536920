import type { Chamber, Filter } from './filter';

/** Id of the space under the lowest tray of an up-flow body, where a preset has one. */
export const BOTTOM_SPACE = 'bottom';

/**
 * True where rings and balls drop heavy dirt before the foam: in the space under the trays of a body whose water comes
 * down a pipe and rises, and in its lowest tray. Behind a foam column or a prefilter nothing heavy is left.
 */
export function isSettlementPlace(
  { kind, chambers }: Pick<Filter, 'kind' | 'chambers'>,
  chamber: Chamber,
): boolean {
  if (kind !== 'canister-centre-pipe') return false;
  const rising = chambers.filter(({ where, way }) => where === 'body' && way === 'up');
  const lowestTray = rising.find(({ id }) => id !== BOTTOM_SPACE);
  return chamber === lowestTray || (chamber.id === BOTTOM_SPACE && rising.includes(chamber));
}

/** The space under the trays, or null where the body has none. */
export const bottomSpace = ({ chambers }: Pick<Filter, 'chambers'>): Chamber | null =>
  chambers.find(({ id }) => id === BOTTOM_SPACE) ?? null;
