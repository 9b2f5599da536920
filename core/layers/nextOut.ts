import type { Filter } from '../filter/filter';
import { usableDepth } from '../filter/usableDepth';
import { chambersInPackingOrder } from './packingOrder';
import type { Layer } from './layer';

/** Room, as a share of its depth, below which a chamber counts as emptied: what came out of it has filled the list. */
const EMPTIED = 0.1;

/**
 * Where the next piece lifted out of a filter sat: hands go from the top down, so it lay under all that came out of
 * its chamber before, and once a chamber's list is full the next chamber down is opened.
 *
 * @param layers what has come out already
 */
export function nextOut(filter: Filter, layers: readonly Layer[]): { chamberId: string; index: number } {
  const removal = chambersInPackingOrder(filter).reverse();
  const filled = (id: string): number =>
    layers.filter((layer) => layer.chamber === id).reduce((sum, layer) => sum + layer.thickness, 0);
  // The chamber under the hands is the last one opened, or the next below it once that one is full.
  const opened = removal.filter((chamber) => layers.some((layer) => layer.chamber === chamber.id));
  const current = opened.at(-1);
  const isFull = current !== undefined && filled(current.id) >= usableDepth(current) * (1 - EMPTIED);
  const next = isFull ? removal[removal.indexOf(current) + 1] : current;
  const chamber = next ?? current ?? removal[0];
  if (chamber === undefined) throw new Error('A filter has at least one chamber.');
  const count = layers.filter((layer) => layer.chamber === chamber.id).length;
  // The lowest piece is first in flow, but where the water falls it is last.
  return { chamberId: chamber.id, index: chamber.way === 'down' ? count : 0 };
}
