import type { Filter } from '../filter/filter';
import { fittedThickness } from '../job/fittedThickness';
import type { PackedStep } from '../job/job';
import type { Layer } from '../layers/layer';
import { SHEET_TOLERANCE } from '../practice/handTolerances';

/** The pack as it went in. */
export interface WentIn {
  /** What is in so far as it went in, and the rest as planned. */
  readonly layers: readonly Layer[];
  /** Ids of layers that differ from the plan. */
  readonly differing: readonly string[];
}

/** What of a plan went in, and how: pieces that were thinner or lighter are so in the layers. */
export function wentIn(filter: Filter, planned: readonly Layer[], packed: readonly PackedStep[]): WentIn {
  const steps = new Map(packed.map((step) => [step.layerId, step]));
  const layers = planned.map((layer) => {
    const step = steps.get(layer.id);
    return step === undefined ? layer : { ...layer, thickness: fittedThickness(filter, layer, step) };
  });
  return {
    layers,
    differing: planned
      .filter((layer, index) => Math.abs((layers[index]?.thickness ?? 0) - layer.thickness) > SHEET_TOLERANCE)
      .map(({ id }) => id),
  };
}
