import type { Beds } from './beds';
import { fullness } from './fullness';

/** Days over which silt into the biological media is averaged. */
export const SILT_DAYS = 90;

/** What sits in the layers on a day: share of what fits, 0–1, and what of it rots in a day, dry kg; in flow order. */
export interface Silt {
  readonly fullness: readonly number[];
  readonly rots: readonly number[];
}

/**
 * What sits in the layers just now, by place in flow order.
 *
 * @param deposits of every slice, share of the bed
 * @param rotsPerVolume dry mass that a m³ of sludge loses in a day, kg
 */
export function siltOf(beds: Beds, deposits: Float64Array, rotsPerVolume: number): Silt {
  const rots = beds.clean.map(() => 0);
  for (const { part, first, slices, layerAt } of beds.list)
    for (let slice = first; part === 'piece' && slice < first + slices; slice += 1)
      rots[layerAt] = rots[layerAt]! + deposits[slice]! * beds.volume[slice]! * rotsPerVolume;
  return { fullness: [...fullness({ beds, deposits })], rots };
}
