import type { Filter } from '../filter/filter';
import type { PackedStep } from '../job/job';
import type { Layer } from '../layers/layer';
import { packingOrder } from '../layers/packingOrder';

/** What a plan that changed in mid-repack asks of layers that are in already. */
export interface PlanChanges {
  /** Ids of layers that went in and are not in the plan any more: they come out again. */
  readonly notPlanned: readonly string[];
  /** Layers that are in and lie on top of one that is still to go in: they are lifted for it. */
  readonly inTheWay: readonly Layer[];
}

/** Compares what is in with the plan as it now is; only layers of one chamber lie on each other. */
export function planChanges(
  filter: Filter,
  planned: readonly Layer[],
  packed: readonly Pick<PackedStep, 'layerId'>[],
): PlanChanges {
  const isIn = new Set(packed.map(({ layerId }) => layerId));
  const ids = new Set(planned.map(({ id }) => id));
  const order = packingOrder(filter, planned);
  return {
    notPlanned: [...isIn].filter((id) => !ids.has(id)),
    inTheWay: order.filter(
      (layer, index) =>
        isIn.has(layer.id) &&
        order.slice(0, index).some((below) => below.chamber === layer.chamber && !isIn.has(below.id)),
    ),
  };
}
