import type { Filter } from '../filter/filter';
import { drownedWeirFlow } from './weir';

/**
 * Flow that goes past a pack over a notch or an open edge, m³/s, by the height of the water before the pack and over the
 * lip, m: heights over the lip of a hang-on-back; in the tank, before is the head that the pack takes, and no lip holds
 * water behind it. Null where there is no such way.
 *
 * @source a weir drowned by the water behind it, {@link drownedWeirFlow}. In the tank the water before an edge always
 *   stands as high as the tank’s; what sinks is the water behind, by the head of the pack. Dividers one after the other
 *   count as one edge (assumed).
 */
export function bypassFlow({
  spill,
  openEdge,
}: Pick<Filter, 'spill' | 'openEdge'>): ((before: number, overLip: number) => number) | null {
  const notch = spill?.notch ?? null;
  if (notch !== null)
    return (before, overLip) =>
      drownedWeirFlow(notch.width, before - notch.aboveLip, overLip - notch.aboveLip);
  if (spill !== null || openEdge === null || openEdge.belowWater === 0) return null;
  const { belowWater, width } = openEdge;
  return (before) => drownedWeirFlow(width, belowWater, belowWater - before);
}
