import type { Layer } from '../layers/layer';
import { mediaOnShelf } from '../shelf/mediaOnShelf';
import { alwaysPinned } from './packSpace';
import type { ProposeInput } from './proposeInput';
import { usualPacks } from './usualPacks';

/**
 * The packs that keepers usually build, for a search to begin with: those that keep what the keeper wants kept, in the
 * filter as it is.
 */
export function usualSeeds(input: ProposeInput): (readonly Layer[])[] {
  const { filter, around, mine, today, shelf } = input;
  const stays = [...new Set([...input.stay, ...input.pinned, ...alwaysPinned(input)])];
  return usualPacks({
    filter,
    schools: around.schools,
    // A sponge on the intake is the keeper’s to add: a search leaves the filter as it is.
    animals: [],
    floatingPlants: false,
    mine,
    today,
    pinned: stays,
    carbon: false,
    onHand: mediaOnShelf(shelf),
  })
    .filter((pack) => pack.filter === filter)
    .map(({ layers }) => layers)
    .filter((layers) => stays.every((id) => layers.some((layer) => layer.id === id)));
}
