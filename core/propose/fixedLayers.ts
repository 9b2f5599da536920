import { isInward } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import { isPrefilter } from '../filter/isPrefilter';
import type { Schools } from '../findings/schools';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';

/**
 * What a filter has of its own, and stays in a proposal until the keeper lets it go: a moulded grid or block, the foam
 * around the trays and in a prefilter, and its cartridges where the keeper keeps those.
 *
 * @param layers of the plan
 * @returns ids of them
 */
export function fixedLayers(
  filter: Filter,
  layers: readonly Layer[],
  { cartridges }: Pick<Schools, 'cartridges'>,
): string[] {
  const body = filter.chambers.filter(({ where }) => where === 'body');
  // A sponge filter is all foam: what is asked is which.
  const isAllFoam = body.every(({ shape }) => isInward(shape));
  const forFoam = new Set(
    body
      .filter((chamber) => (isInward(chamber.shape) && !isAllFoam) || isPrefilter(filter, chamber))
      .map(({ id }) => id),
  );
  return layers
    .filter((layer) => {
      const { family, supply, roles } = mediumOf(layer);
      if (family === 'cartridge') return cartridges !== 'replace';
      return (supply === 'piece' && roles.length > 0) || (family === 'foam' && forFoam.has(layer.chamber));
    })
    .map(({ id }) => id);
}
