import { bacteriaCover, type BacteriaCover } from '../biology/bacteriaCover';
import type { Filter } from '../filter/filter';
import type { LayerFlow } from '../hydraulics/operatingPoint';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import type { Range } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';

/**
 * For how much food the bacteria of a pack are enough, with those of the other filters on its tank. A layer counts as far
 * as the water goes through it; clean media, once grown.
 */
export function reportBacteria(
  {
    tank,
    others,
  }: {
    readonly tank: Tank;
    readonly others: readonly { readonly filter: Filter; readonly layers: readonly Layer[] }[];
  },
  inFlow: readonly PlacedLayer[],
  flowOf: (placed: PlacedLayer) => LayerFlow,
): BacteriaCover | null {
  const elsewhere = others.flatMap(({ filter, layers }) => placeLayers(filter, layers));
  const sum = (key: keyof Range): number =>
    inFlow.reduce((all, placed) => all + placed.measure.surfaceRange[key] * flowOf(placed).passThrough, 0) +
    elsewhere.reduce((all, placed) => all + placed.measure.surfaceRange[key], 0);
  return bacteriaCover(tank, { low: sum('low'), likely: sum('likely'), high: sum('high') });
}
