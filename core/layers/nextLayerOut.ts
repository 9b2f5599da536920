import type { Filter } from '../filter/filter';
import { chambersInPackingOrder } from './packingOrder';
import { isFilled } from './isFilled';
import type { Layer } from './layer';

/**
 * Where the next piece lifted out of a filter sat: hands go from the top down, so it lay under all that came out of
 * its chamber before, and once a chamber's list is full the next chamber down is opened.
 *
 * @param layers what has come out already
 * @param empty ids of chambers that were declared empty: nothing comes out of them
 */
export function nextLayerOut(
  filter: Filter,
  layers: readonly Layer[],
  empty: readonly string[] = [],
): { chamberId: string; index: number } {
  const isOpened = (id: string): boolean => layers.some((layer) => layer.chamber === id);
  const removal = chambersInPackingOrder(filter)
    .reverse()
    .filter(({ id }) => isOpened(id) || !empty.includes(id));
  // The chamber under the hands is the last one opened, or the next below it once that one is full.
  const current = removal.findLast(({ id }) => isOpened(id));
  const next =
    current !== undefined && isFilled(current, layers) ? removal[removal.indexOf(current) + 1] : current;
  const chamber = next ?? current ?? removal[0] ?? filter.chambers[0];
  if (chamber === undefined) throw new Error('A filter has at least one chamber.');
  const count = layers.filter((layer) => layer.chamber === chamber.id).length;
  // The lowest piece is first in flow, but where the water falls it is last.
  return { chamberId: chamber.id, index: chamber.way === 'down' ? count : 0 };
}
