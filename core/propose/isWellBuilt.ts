import type { Filter } from '../filter/filter';
import { isCartridgeWell } from '../filter/isCartridgeWell';
import { isCanister } from '../filter/kindFamily';
import { bottomSpace } from '../filter/settlementPlace';
import type { Schools } from '../findings/schools';
import type { Layer } from '../layers/layer';
import { isBiologicalOnly, isMechanical } from '../layers/layerRole';
import { mediumOf } from '../layers/mediumOf';
import { placeLayers } from '../layers/placeLayers';
import { sumOf } from '../maths/sum';
import { freeDepthByChamber, isOpen } from './freeDepthByChamber';

/** A chamber is used from this share of its depth on (common practice, no source). */
const MIN_FILLED_SHARE = 0.75;
/** Share of the media in the trays of a canister that is for bacteria alone, at least (common practice, no source). */
const MIN_BIOLOGICAL_SHARE = 0.5;
const NONE_PINNED: ReadonlySet<string> = new Set();

/**
 * True for a pack that keepers would build, whatever its figures: no chamber unused; something that catches dirt, the last
 * of it fine, before something that is there for bacteria alone, which in a canister takes half of the trays. Foam alone
 * is one to a keeper who holds with it, and in a sponge filter.
 *
 * @source order of the layers: common practice, no source.
 */
export function isWellBuilt(filter: Filter, layers: readonly Layer[], schools: Schools): boolean {
  const { lead, main } = freeDepthByChamber(filter, [], NONE_PINNED, schools.fullness);
  const isUsed = [...lead, ...main]
    .filter((slot) => isOpen(slot) && slot.chamber !== bottomSpace(filter))
    .filter(({ chamber }) => !isCartridgeWell(filter, chamber))
    .every(({ chamber, depth }) => depthIn(layers, chamber.id) >= MIN_FILLED_SHARE * depth);
  const placed = placeLayers(filter, layers);
  const firstMechanical = placed.findIndex(({ layer }) => isMechanical(layer));
  if (!isUsed || firstMechanical === -1) return false;
  if (schools.biologicalMedium === 'foam') return true;
  if (filter.kind === 'internal-sponge')
    return schools.internalFoam === 'mineral' || layers.some((layer) => mediumOf(layer).family === 'foam');
  const later = placed.slice(firstMechanical).filter(({ layer }) => isBiologicalOnly(layer));
  const hasFine = layers.some((layer) => ['fine', 'polishing'].includes(mediumOf(layer).grade ?? ''));
  if (later.length === 0 || !hasFine) return false;
  const trays = new Set(main.map(({ chamber }) => chamber.id));
  const volumeIn = (some: typeof placed): number =>
    sumOf(
      some.filter(({ chamber }) => trays.has(chamber.id)),
      ({ measure }) => measure.volume,
    );
  return !isCanister(filter.kind) || volumeIn(later) >= MIN_BIOLOGICAL_SHARE * volumeIn(placed);
}

const depthIn = (layers: readonly Layer[], chamber: string): number =>
  sumOf(
    layers.filter((layer) => layer.chamber === chamber),
    ({ thickness }) => thickness,
  );
