import { courseRange, type UncertainTank, type WaterBands } from './courseRange';
import { cycle } from './cycle';
import type { CycleCourse } from './cycleCourse';
import type { CycleEvent } from './cycleInput';
import { matureFilm, START_SHARE, thinned } from './matureFilm';
import { steadyStateWater } from './steadyStateWater';
import type { SwapTank } from './swapCourse';
import type { ZeoliteBed } from './zeoliteBed';

/** What a repack did to the media of a tank. Surfaces m². */
export interface Repacked {
  /** Surface before, in all filters of the tank, and after. */
  readonly before: number;
  readonly after: number;
  /** Share of the film that came through it, 0–1. */
  readonly kept: number;
  /** Nothing lived in the tank before, as far as is known: it begins bare. */
  readonly newTank: boolean;
  /** Zeolite in all filters of the tank before and after, and capacity of it, kg N, that was in before and is still. */
  readonly zeolite: {
    readonly before: ZeoliteBed | null;
    readonly after: ZeoliteBed | null;
    readonly stays: number;
  };
}

/** Days that a mature tank is followed after a repack. */
const DAYS_AFTER_REPACK = 42;
/** The same after a bare start: nitrite takes nearly two months. */
const DAYS_OF_NEW_TANK = 70;

/** Days that are followed after a repack. */
export const repackCourseDays = (repacked: Pick<Repacked, 'newTank'> | null): number =>
  repacked?.newTank === true ? DAYS_OF_NEW_TANK : DAYS_AFTER_REPACK;

/**
 * Ammonia, nitrite and nitrate after a repack: the films that had grown under the load, less what was lost.
 *
 * @param events what happened since, such as water changes
 */
export function repackCourse(
  tank: SwapTank,
  repacked: Repacked,
  events: readonly CycleEvent[] = [],
  days = repackCourseDays(repacked),
): CycleCourse {
  const { before, after, kept, newTank, zeolite } = repacked;
  const { volume, celsius, load, oxygen } = tank;
  if (newTank) {
    const bare = [after, tank.outside].map((surface) => ({ surface, oxygen }));
    const places = matureFilm(bare, load, celsius, START_SHARE.bare);
    const start = { ammonia: 0, nitrite: 0, nitrate: 0 };
    return cycle({ volume, celsius, load, places, zeolite: zeolite.after, start, events, days });
  }
  const places = matureFilm(
    [before, tank.outside].map((surface) => ({ surface, oxygen })),
    load,
    celsius,
  ).map((place, index) => (index === 0 ? place : thinned(place, tank.outsideGrown)));
  const settle = { volume, celsius, places, load };
  const repack: CycleEvent = {
    day: 0,
    kept: [kept, 1],
    surface: [after, tank.outside],
    zeolite: { bed: zeolite.after, stays: zeolite.stays },
  };
  const start = steadyStateWater(settle);
  return cycle({ ...settle, zeolite: zeolite.before, start, events: [repack, ...events], days });
}

/** The likely range of ammonia and nitrite after a repack. */
export const repackRange = (
  tank: UncertainTank,
  repacked: Repacked,
  events: readonly CycleEvent[] = [],
  days = repackCourseDays(repacked),
): WaterBands =>
  courseRange(tank, (drawn, factor) =>
    repackCourse(
      drawn,
      { ...repacked, before: repacked.before * factor, after: repacked.after * factor },
      events,
      days,
    ),
  );
