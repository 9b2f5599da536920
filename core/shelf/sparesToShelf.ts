import { faceSides } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { UNKNOWN_MEDIUM } from '../media/catalogue';
import { hasRole } from '../media/hasRole';
import { LONGEST_LABEL } from './shelfBounds';
import { ShelfItemSchema, type ShelfItem } from './shelf';

/**
 * The pieces that were laid aside as spares, as they go to the shelf when the repack is finished: cut pieces as off-cuts, loose
 * media by volume. What bacteria live in is wet. What is not in the catalogue, or is too large or too small for the shelf,
 * stays out.
 *
 * @param found layers as found
 * @param packed ids of the layers that went in again
 * @param wetSince ISO moment since which they lie without flow
 */
export function sparesToShelf(
  filter: Filter,
  found: readonly Layer[],
  packed: ReadonlySet<string>,
  wetSince: string,
  newId: () => string,
): ShelfItem[] {
  return placeLayers(filter, found)
    .filter(
      ({ layer }) =>
        layer.treatment === 'spare' &&
        !packed.has(layer.id) &&
        layer.own === null &&
        layer.mix === null &&
        layer.medium !== UNKNOWN_MEDIUM,
    )
    .map(({ layer, medium, chamber, measure }): ShelfItem => {
      const holdsBacteria = hasRole(medium, 'biological') || hasRole(medium, 'mechanical');
      const common = {
        id: newId(),
        label: `from ${filter.name}`.slice(0, LONGEST_LABEL),
        medium: medium.id,
        price: null,
        ...(holdsBacteria ? { wetSince } : {}),
      };
      if (medium.supply === 'loose')
        return { ...common, kind: 'loose', volume: measure.volume, packVolume: null };
      if (medium.supply === 'piece') return { ...common, kind: 'piece', count: 1 };
      const face = faceSides(chamber.shape);
      return {
        ...common,
        kind: 'sheet',
        length: layer.cut?.length ?? face.shown,
        width: layer.cut?.width ?? face.into,
        thickness: layer.thickness / layer.compressionRatio,
        count: 1,
        offcut: true,
      };
    })
    .filter((item) => ShelfItemSchema.safeParse(item).success);
}
