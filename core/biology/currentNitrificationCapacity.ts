import { steadyStateFilm } from './steadyStateFilm';
import { LIMITS, NITRIFIERS, type NitrifierKey } from './nitrifiers';
import type { FilmPlace } from './steadyState';
import { monodRate } from './monodRate';

/** A home of bacteria with the share of its film that lives there now, 0–1. */
export interface MaturingPlace extends FilmPlace {
  readonly share: number;
}

/**
 * Nitrogen that films can oxidise now, without growth, with the water at the limit: by bacterium and place, kg N a day.
 * Films grew under a load, and each place has its share of that.
 *
 * @param load kg N a day
 * @source X·m at the limit, X of {@link steadyStateFilm}.
 */
export function currentNitrificationCapacity(
  places: readonly MaturingPlace[],
  load: number,
  celsius: number,
): Readonly<Record<NitrifierKey, readonly number[]>> {
  const borneBy = (key: NitrifierKey): number[] => {
    const films = steadyStateFilm(key, places, load, celsius);
    return places.map(
      ({ oxygen, share }, index) =>
        films[index]! * share * monodRate(NITRIFIERS[key], { nitrogen: LIMITS[key], oxygen, celsius }),
    );
  };
  return { ammonia: borneBy('ammonia'), nitrite: borneBy('nitrite') };
}
