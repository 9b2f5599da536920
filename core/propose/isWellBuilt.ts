import type { Filter } from '../filter/filter';
import { isCartridgeWell } from '../filter/isCartridgeWell';
import { isSettlementPlace } from '../filter/settlementPlace';
import type { Schools } from '../findings/schools';
import type { Layer } from '../layers/layer';
import { isBiologicalOnly, isMechanical } from '../layers/layerRole';
import { placeLayers } from '../layers/placeLayers';

/**
 * True for a pack that keepers would build, whatever its figures: no chamber unused, and something that catches dirt
 * before something that is there for bacteria. Foam alone is one to a keeper who holds with it, and in a sponge filter.
 *
 * @source order of the layers: common practice, no source.
 */
export function isWellBuilt(filter: Filter, layers: readonly Layer[], schools: Schools): boolean {
  const used = new Set(layers.map(({ chamber }) => chamber));
  const isUnused = filter.chambers.some(
    (chamber) =>
      chamber.where === 'body' &&
      !used.has(chamber.id) &&
      !isSettlementPlace(filter, chamber) &&
      !isCartridgeWell(filter, chamber),
  );
  const placed = placeLayers(filter, layers);
  const firstMechanical = placed.findIndex(({ layer }) => isMechanical(layer));
  if (isUnused || firstMechanical === -1) return false;
  return (
    schools.biologicalMedium === 'foam' ||
    filter.kind === 'internal-sponge' ||
    placed.slice(firstMechanical).some(({ layer }) => isBiologicalOnly(layer))
  );
}
