import { courseRange, type UncertainTank, type WaterBands } from './courseRange';
import { cycle, type CycleCourse, type CycleEvent } from './cycle';
import { matureFilm } from './matureFilm';
import { restingWater } from './restingWater';
import type { SwapTank } from './swapCourse';

/** What a repack did to the media of a tank. Surfaces m². */
export interface Repacked {
  /** Surface before, in all filters of the tank, and after. */
  readonly before: number;
  readonly after: number;
  /** Share of the film that came through it, 0–1. */
  readonly kept: number;
}

/** Days that are followed after a repack. */
export const SETTLE_DAYS = 42;

/**
 * Ammonia, nitrite and nitrate after a repack: the films that had grown under the load, less what was lost.
 *
 * @param events what happened since, such as water changes
 */
export function settleCourse(
  tank: SwapTank,
  { before, after, kept }: Repacked,
  events: readonly CycleEvent[] = [],
  days = SETTLE_DAYS,
): CycleCourse {
  const places = matureFilm(
    [before, tank.outside].map((surface) => ({ surface, oxygen: tank.oxygen })),
    tank.load,
    tank.celsius,
  );
  const settle = { volume: tank.volume, celsius: tank.celsius, places, load: tank.load };
  const repack: CycleEvent = { day: 0, kept: [kept, 1], surface: [after, tank.outside] };
  return cycle({ ...settle, start: restingWater(settle), events: [repack, ...events], days });
}

/** The likely range of ammonia and nitrite after a repack. */
export const settleRange = (
  tank: UncertainTank,
  repacked: Repacked,
  events: readonly CycleEvent[] = [],
  days = SETTLE_DAYS,
): WaterBands =>
  courseRange(tank, (drawn, factor) =>
    settleCourse(
      drawn,
      { ...repacked, before: repacked.before * factor, after: repacked.after * factor },
      events,
      days,
    ),
  );
