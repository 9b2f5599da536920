import type { Filter } from '../filter/filter';
import { foundAs } from '../layers/foundAs';
import type { Layer } from '../layers/layer';
import { fittedThickness } from './fittedThickness';
import type { PackedStep } from './job';

/**
 * What really went in: the planned layers that were ticked, each with what differed. Layers never ticked are left
 * out; what was seen of them as found is cleared. A piece that did not come out of the filter is in it since `on`.
 *
 * @param asFound the layers that came out
 * @param on ISO date of the repack
 */
export function asPacked(
  filter: Filter,
  planned: readonly Layer[],
  packed: readonly PackedStep[],
  asFound: readonly Layer[],
  on: string,
): Layer[] {
  const old = new Map(foundAs(filter, planned, asFound).map((layer) => [layer.id, layer]));
  const steps = new Map(packed.map((step) => [step.layerId, step]));
  return planned.flatMap((layer) => {
    const step = steps.get(layer.id);
    if (step === undefined) return [];
    const note = [layer.note, step.note].filter((text) => text !== '').join(' ');
    return [
      {
        ...layer,
        thickness: fittedThickness(filter, layer, step),
        installedOn: old.has(layer.id) ? (old.get(layer.id)?.installedOn ?? layer.installedOn) : on,
        dirt: null,
        signs: [],
        wetMass: null,
        treatment: null,
        note,
      },
    ];
  });
}
