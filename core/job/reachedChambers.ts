import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { chambersInPackingOrder } from '../layers/packingOrder';
import { emptyKey, outKey } from './chambersOut';
import { isTicked } from './ticks';
import type { Tick } from './tick';

/** What is known of the chambers of a filter that is being stripped, by their ids. */
export interface Reached {
  /** All that was in them is on the list, or they were declared empty. */
  readonly known: readonly string[];
  /** Nothing is on the list from them, and they were not marked as empty. */
  readonly unknown: readonly string[];
}

/**
 * Which chambers are known so far: hands go from the top down, so a chamber is done once the keeper goes on from it, once a
 * lower one is opened, or once it is declared empty.
 */
export function reachedChambers(filter: Filter, layers: readonly Layer[], ticks: readonly Tick[]): Reached {
  const removal = chambersInPackingOrder(filter).toReversed();
  const isOpened = (id: string): boolean => layers.some((layer) => layer.chamber === id);
  const known = removal.filter((chamber, at) =>
    isOpened(chamber.id)
      ? isTicked(ticks, outKey(chamber.id)) || removal.slice(at + 1).some(({ id }) => isOpened(id))
      : isTicked(ticks, emptyKey(chamber.id)),
  );
  return {
    known: known.map(({ id }) => id),
    unknown: removal
      .filter((chamber) => !known.includes(chamber) && !isOpened(chamber.id))
      .map(({ id }) => id),
  };
}
