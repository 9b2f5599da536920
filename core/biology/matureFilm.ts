import type { LivingPlace } from './cycleInput';
import { steadyStateFilm } from './steadyStateFilm';
import type { FilmPlace } from './steadyState';

/** How mature a filter is when it is followed: nothing lives in it, some mature media was put with it, or all is grown. */
export const START_STATES = ['bare', 'seeded', 'mature'] as const;
export type Start = (typeof START_STATES)[number];

/** Share of the grown film with which each begins (calibrated: a bare filter has what comes with water and fish). */
export const START_SHARE: Readonly<Record<Start, number>> = { bare: 1e-4, seeded: 0.1, mature: 1 };

/** A place of whose films only a share is there, 0–1. */
export const thinned = ({ film, ...place }: LivingPlace, share: number): LivingPlace => ({
  ...place,
  film: { ammonia: share * film.ammonia, nitrite: share * film.nitrite },
});

/**
 * Homes of bacteria with the films that grew on them under a load, kg N a day.
 *
 * @param share of the grown film, the same in all places
 */
export function matureFilm(
  places: readonly FilmPlace[],
  load: number,
  celsius: number,
  share = 1,
): LivingPlace[] {
  const ammonia = steadyStateFilm('ammonia', places, load, celsius);
  const nitrite = steadyStateFilm('nitrite', places, load, celsius);
  return places.map((place, index) => ({
    ...place,
    film: { ammonia: share * ammonia[index]!, nitrite: share * nitrite[index]! },
  }));
}
