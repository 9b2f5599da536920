import { FILM_DECAY, NITRIFIERS, type NitrifierKey } from './nitrifiers';
import { steadyState, type FilmPlace } from './steadyState';
import { foodFactor, oxygenRate } from './monodRate';

/**
 * Films that grew under a load, by place: what each could take up at full speed, kg N a day. Where the load is more than
 * they can bear, they are as full as they get.
 *
 * @source {@link steadyState}; with food for all, X = X_max(1 − bθ/(μ·m)).
 */
export function steadyStateFilm(
  key: NitrifierKey,
  places: readonly FilmPlace[],
  load: number,
  celsius: number,
): readonly number[] {
  const nitrifier = NITRIFIERS[key];
  const found = steadyState(nitrifier, places, load, celsius);
  if (found !== null) return found.film;
  const warm = foodFactor(nitrifier, celsius);
  return places.map(({ surface, oxygen }) => {
    const rate = Math.min(warm, oxygenRate(nitrifier, oxygen, celsius));
    const stays = rate > 0 ? 1 - (FILM_DECAY * warm) / (nitrifier.growth * rate) : 0;
    return surface * nitrifier.uptake * Math.max(0, stays);
  });
}
