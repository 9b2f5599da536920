import type { Filter } from '../filter/filter';
import { flowOrder } from './flowOrder';
import type { Layer } from './layer';
import { mediumOf } from './mediumOf';
import { measureLayer } from './measureLayer';
import type { PlacedLayer } from './placedLayer';
import { rolesInFlow } from './layerRole';

/**
 * The layers in flow order, each with its medium, chamber, role and measures: what rules and advice look at.
 * Layers whose chamber is not there are left out; check with `packFaults` first.
 *
 * @example placeLayers(reedBench.filter, reedBench.layers).map(({ role }) => role) // ['settle', 'mechanical', 'mechanical', 'mechanical', 'biological', 'biological']
 */
export function placeLayers(filter: Filter, layers: readonly Layer[]): PlacedLayer[] {
  const ordered = flowOrder(filter, layers);
  const roles = rolesInFlow(filter, ordered);
  const filledTo = new Map<string, number>();
  const chamberById = new Map(filter.chambers.map((chamber) => [chamber.id, chamber]));
  return ordered.flatMap((layer, index) => {
    const chamber = chamberById.get(layer.chamber);
    const role = roles[index];
    if (chamber === undefined || role === undefined) return [];
    const measure = measureLayer(chamber, layer, filledTo.get(chamber.id) ?? 0);
    filledTo.set(chamber.id, measure.to);
    return [{ layer, medium: mediumOf(layer), chamber, role, measure }];
  });
}
