import type { Chamber, Filter } from '../filter/filter';
import { flowOrder } from './flowOrder';
import type { Layer } from './layer';

/** Heights nearer than this, m, count as level: chambers side by side are filled in flow order. */
const LEVEL = 0.01;

/**
 * The layers as the hands put them in. Hands come from above: the lowest chamber is filled first, and in a chamber
 * the lowest layer goes in first. In an up-flow chamber that is the flow order; in a down-flow chamber its reverse.
 * Taking a filter apart is this list backwards.
 */
export function packingOrder(filter: Filter, layers: readonly Layer[]): Layer[] {
  const inFlow = flowOrder(filter, layers);
  return chambersInPackingOrder(filter).flatMap((chamber) => {
    const inside = inFlow.filter((layer) => layer.chamber === chamber.id);
    return chamber.way === 'down' ? inside.reverse() : inside;
  });
}

/** The chambers as the hands fill them, lowest first; level ones in flow order. */
export function chambersInPackingOrder(filter: Filter): Chamber[] {
  const level = (chamber: Chamber): number => Math.round(chamber.place.y / LEVEL);
  return filter.chambers
    .map((chamber, index) => ({ chamber, at: index }))
    .sort((a, b) => level(a.chamber) - level(b.chamber) || a.at - b.at)
    .map(({ chamber }) => chamber);
}
