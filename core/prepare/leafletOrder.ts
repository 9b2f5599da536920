import { orderPlace } from '../findings/properOrder';
import type { Filter } from '../filter/filter';
import { isPrefilter } from '../filter/isPrefilter';
import { flowOrder } from '../layers/flowOrder';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';

/** One piece that came in the box: where the leaflet puts it in flow order, and where it belongs. */
export interface LeafletPlace {
  readonly layerId: string;
  readonly name: string;
  /** Place in flow order, from 1, as the leaflet says. */
  readonly leaflet: number;
  /** Place in flow order, from 1, in which each grade spares the next. */
  readonly right: number;
  /** Place in flow order in the plan; null: the plan does without it. */
  readonly planned: number | null;
}

/**
 * The leaflet's order of what came in the box, set against the right one (mechanical from coarse to fine, biological,
 * chemical), layer by layer. What sits on the intake or in a prefilter is first by its place and is left out.
 *
 * @param boxed layers as the leaflet lays them
 */
export function leafletOrder(
  filter: Filter,
  boxed: readonly Layer[],
  planned: readonly Layer[],
): LeafletPlace[] {
  const inFlow = placeLayers(filter, boxed).filter(
    ({ chamber, role }) => chamber.where === 'body' && !isPrefilter(filter, chamber) && role !== 'spacer',
  );
  const inOrder = inFlow
    .map((placed, at) => ({ placed, at, key: orderPlace(placed) }))
    .sort((a, b) => a.key - b.key || a.at - b.at)
    .map(({ placed }) => placed);
  const plan = flowOrder(filter, planned).map(({ id }) => id);
  return inFlow.map((placed, at) => {
    const inPlan = plan.indexOf(placed.layer.id);
    return {
      layerId: placed.layer.id,
      name: placed.medium.name,
      leaflet: at + 1,
      right: inOrder.indexOf(placed) + 1,
      planned: inPlan < 0 ? null : inPlan + 1,
    };
  });
}
