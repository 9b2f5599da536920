import type { Chamber, Filter } from '../filter/filter';
import { chambersInPackingOrder } from '../layers/packingOrder';
import { isTicked } from './ticks';
import type { Tick } from './tick';

/** The key under which a chamber is ticked as empty while a filter is stripped. */
export const emptyKey = (chamberId: string): string => `strip/empty/${chamberId}`;
/** The key under which a chamber is ticked once all that was in it is on the list. */
export const outKey = (chamberId: string): string => `strip/out/${chamberId}`;

/** How far a filter is taken apart. */
export interface ChambersOut {
  /** Ids of chambers that were gone through, those that were empty among them. */
  readonly out: readonly string[];
  /** What lies in the hands: the first chamber, from the top down, that was not gone through; the lowest once all were. */
  readonly inHand: Chamber;
  /** What the hands come to after it; null: it is the last. */
  readonly next: Chamber | null;
}

/**
 * How far a filter is taken apart, as the keeper says: hands go from the top down, and nothing goes on by itself.
 *
 * @param ticks of the job
 */
export function chambersOut(filter: Filter, ticks: readonly Tick[]): ChambersOut {
  const removal = chambersInPackingOrder(filter).toReversed();
  const isOut = ({ id }: Chamber): boolean => isTicked(ticks, outKey(id)) || isTicked(ticks, emptyKey(id));
  const inside = removal.filter((chamber) => !isOut(chamber));
  const inHand = inside[0] ?? removal.at(-1);
  if (inHand === undefined) throw new Error('A filter has at least one chamber.');
  return { out: removal.filter(isOut).map(({ id }) => id), inHand, next: inside[1] ?? null };
}
