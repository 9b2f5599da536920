import { FOAM_GIVE } from '../practice/handTolerances';
import { faceSides } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import { foundAs } from '../layers/foundAs';
import type { Layer } from '../layers/layer';

/**
 * Ids of layers that must be cut anew: they were not in the filter, are of another medium, or are larger than they were.
 * What only becomes smaller is trimmed.
 */
export function newLayers(
  { chambers }: Pick<Filter, 'chambers'>,
  planned: readonly Layer[],
  found: readonly Layer[],
): ReadonlySet<string> {
  const old = new Map(foundAs({ chambers }, planned, found).map((layer) => [layer.id, layer]));
  const sizeOf = ({ cut, chamber }: Layer): readonly [number, number] => {
    if (cut !== null) return [cut.length, cut.width];
    const shape = chambers.find(({ id }) => id === chamber)?.shape;
    if (shape === undefined) return [0, 0];
    const { shown, into } = faceSides(shape);
    return [shown, into];
  };
  const isNew = (layer: Layer): boolean => {
    const was = old.get(layer.id);
    if (was === undefined || was.medium !== layer.medium) return true;
    const [size, before] = [sizeOf(layer), sizeOf(was)];
    return (
      layer.thickness / layer.compressionRatio > was.thickness / was.compressionRatio + FOAM_GIVE ||
      size.some((side, index) => side > before[index]! + FOAM_GIVE)
    );
  };
  return new Set(planned.filter(isNew).map(({ id }) => id));
}
