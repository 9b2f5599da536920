import type { Filter } from '../filter/filter';
import { mediumById } from '../media/catalogue';
import { flowOrder } from './flowOrder';
import type { Layer } from './layer';
import { measureLayer } from './measureLayer';
import type { PlacedLayer } from './placedLayer';
import { stagesInFlow } from './layerRole';

/**
 * The layers in flow order, each with its medium, chamber, stage and measures: what rules and advice look at.
 * Layers whose chamber is not there are left out; check with `packFaults` first.
 */
export function placeLayers(filter: Filter, layers: readonly Layer[]): PlacedLayer[] {
  const ordered = flowOrder(filter, layers);
  const stages = stagesInFlow(ordered);
  const filledTo = new Map<string, number>();
  const chamberById = new Map(filter.chambers.map((chamber) => [chamber.id, chamber]));
  return ordered.flatMap((layer, at) => {
    const chamber = chamberById.get(layer.chamber);
    const stage = stages[at];
    if (chamber === undefined || stage === undefined) return [];
    const measure = measureLayer(chamber, layer, filledTo.get(chamber.id) ?? 0);
    filledTo.set(chamber.id, measure.to);
    return [{ layer, medium: mediumById(layer.medium), chamber, stage, measure }];
  });
}
