import { isCanister } from '../filter/kindFamily';
import type { Filter } from '../filter/filter';
import type { PlacedLayer } from '../layers/placedLayer';

/* Minutes of a visit (common practice, no source): opening and closing, each thing lifted, each layer or part in hand. */
const OPENING = { canister: 20, others: 6 } as const;
const PER_LIFT = 2;
export const PER_WORK = 4;

/** What a visit asks of the hands. */
export interface VisitBurden {
  /** What is lifted to reach the layers, in order, each once. */
  readonly lifts: readonly string[];
  readonly minutes: number;
}

/**
 * What it takes to work on some layers, and on parts of the body.
 *
 * @param layerIds those worked on; one that is not in the pack costs its own minutes and no lift
 * @param parts of the body that are worked on, beside the layers
 * @example visitBurden(reedBench.filter, [], ['gone']).minutes // 24
 */
export function visitBurden(
  filter: Filter,
  inFlow: readonly Pick<PlacedLayer, 'layer' | 'chamber'>[],
  layerIds: readonly string[],
  parts = 0,
): VisitBurden {
  const worked = new Set(layerIds);
  const inHand = inFlow.filter(({ layer }) => worked.has(layer.id));
  const lifts = [...new Set(inHand.flatMap(({ chamber }) => chamber.lift))];
  const outside =
    parts === 0 && inHand.length === worked.size && inHand.every(({ chamber }) => chamber.where === 'intake');
  const opening = outside ? 0 : isCanister(filter.kind) ? OPENING.canister : OPENING.others;
  return { lifts, minutes: opening + PER_LIFT * lifts.length + PER_WORK * (worked.size + parts) };
}
