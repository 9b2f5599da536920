import type { Filter } from '../filter/filter';
import { operatingPoint } from '../hydraulics/operatingPoint';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { catalogueId } from '../media/catalogueId';
import { sumOf } from '../maths/sum';

/** Head that the printed blocks of a pack take, m of water: so much higher the water stands before them; null: none is in it. */
export function blockHead(filter: Filter, layers: readonly Layer[], celsius: number): number | null {
  const placed = placeLayers(filter, layers);
  const blocks = new Set(
    placed.filter(({ medium }) => catalogueId(medium) === 'printed-block').map(({ layer }) => layer.id),
  );
  if (blocks.size === 0) return null;
  return sumOf(
    operatingPoint(filter, placed, celsius).layers.filter(({ layerId }) => blocks.has(layerId)),
    ({ head }) => head,
  );
}
