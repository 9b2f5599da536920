import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { isBiologicalOnly, isMechanical } from '../layers/layerRole';
import { addedShares } from '../prepare/addedShares';

/**
 * The layers of a pack that came in new and that the bacteria must grow on: biological media, and where there is none the foam
 * that does its work. Water is tested while they grow.
 *
 * @param packed layers as they went in
 * @param before layers that were in the filter before; empty for a new filter
 */
export function newBacteriaMedia(
  filter: Filter,
  packed: readonly Layer[],
  before: readonly Layer[],
): Layer[] {
  const added = addedShares(filter, packed, before);
  const biological = packed.filter(isBiologicalOnly);
  const housing = biological.length > 0 ? biological : packed.filter(isMechanical);
  return housing.filter(({ id }) => (added.get(id) ?? 0) > 0);
}
