import type { Swap, SwapPiece, SwapStage } from '../filter/swap';
import { cycle } from './cycle';
import type { CycleCourse } from './cycleCourse';
import type { CycleEvent, Nitrogen } from './cycleInput';
import { matureFilm, thinned } from './matureFilm';
import { LIMITS, NITRIFIERS } from './nitrifiers';
import { steadyStateWater } from './steadyStateWater';
import { steadyState } from './steadyState';
import { langmuirUptake, type ZeoliteBed } from './zeoliteBed';
import { sumOf } from '../maths/sum';

/** A tank in which media are swapped. */
export interface SwapTank {
  /** m³ */
  readonly volume: number;
  readonly celsius: number;
  /** Oxygen of its water, kg/m³. */
  readonly oxygen: number;
  /** kg N a day */
  readonly load: number;
  /** Surface for bacteria of media that stay, and outside the filter, m². */
  readonly staying: number;
  readonly outside: number;
  /** Share of its film that has grown outside the filter, 0–1: less while an air-driven filter is young. */
  readonly outsideGrown: number;
  /** Zeolite that stays; null: none. */
  readonly zeolite: ZeoliteBed | null;
}

/** What a swap does to the water, and what the water was before; kg N/m³. */
export interface SwapCourse extends CycleCourse {
  readonly before: Nitrogen;
}

/** Days that are followed after the last stage. */
const DAYS_AFTER_LAST_STAGE = 28;
/** Share of the media that go below which none is left. */
const MIN_MEDIA_SHARE = 1e-6;
/** Homes of bacteria: media that go, media that stay or come, and the tank. */
const [GOES, STAYS, TANK] = [0, 1, 2] as const;

/** Days that a swap is followed for. */
export const swapDays = (stages: readonly Pick<SwapStage, 'day'>[]): number =>
  Math.max(0, ...stages.map(({ day }) => day)) + DAYS_AFTER_LAST_STAGE;

/**
 * Ammonia, nitrite and nitrate through a staged swap. The tank begins with what grew under its load; what goes out takes
 * its film with it, what comes in begins without one and is settled from the media beside it.
 *
 * @param stages in any order
 * @param water other things that happen, such as water changes
 * @source {@link cycle}; film sits evenly on the media that go. Zeolite is at rest with the water, and what it holds is
 *   carried out each time it is recharged: as it goes, that share of the ammonia comes to the film.
 */
export function swapCourse(
  tank: SwapTank,
  pieces: Swap['pieces'],
  stages: readonly Pick<SwapStage, 'day' | 'parts'>[],
  days = swapDays(stages),
  water: readonly CycleEvent[] = [],
): SwapCourse {
  const all = sumOf(pieces, ({ surface }) => surface);
  const staying = tank.staying > MIN_MEDIA_SHARE * all ? tank.staying : 0;
  const homes = [all, staying, tank.outside].map((surface) => ({ surface, oxygen: tank.oxygen }));
  const rest = steadyState(NITRIFIERS.ammonia, homes, tank.load, tank.celsius)?.nitrogen ?? LIMITS.ammonia;
  const takes = ({ zeolite }: SwapPiece): number =>
    zeolite === null ? 0 : langmuirUptake(zeolite, rest) / zeolite.everyDays;
  const begins = Math.max(0, tank.load - sumOf(pieces, takes));
  const places = matureFilm(homes, begins, tank.celsius);
  places[TANK] = thinned(places[TANK]!, tank.outsideGrown);
  const settle = { volume: tank.volume, celsius: tank.celsius, places, load: begins } as const;
  const before = steadyStateWater(settle);
  const byKey = new Map(pieces.map((piece) => [piece.key, piece]));
  let left = all;
  let stays = staying;
  let load = begins;
  const capacity = sumOf(pieces, ({ zeolite }) => zeolite?.capacity ?? 0);
  let exchanges = capacity;
  const bed = (left: number): ZeoliteBed | null => {
    const affinity =
      tank.zeolite?.affinity ?? pieces.find(({ zeolite }) => zeolite !== null)?.zeolite?.affinity;
    const both = (tank.zeolite?.capacity ?? 0) + (left > MIN_MEDIA_SHARE * capacity ? left : 0);
    return affinity === undefined || both <= 0 ? null : { capacity: both, affinity };
  };
  const swaps = [...stages]
    .sort((a, b) => a.day - b.day)
    .map(({ day, parts }): CycleEvent => {
      const outgoing = (value: (piece: SwapPiece) => number): number =>
        parts.reduce((total, { key, share }) => {
          const piece = byKey.get(key);
          return piece === undefined ? total : total + share * value(piece);
        }, 0);
      const gone = Math.min(
        left,
        outgoing(({ surface }) => surface),
      );
      const over = left - gone;
      // Shares add up to one only to within rounding: a crumb that is left is none.
      const kept = over > MIN_MEDIA_SHARE * all ? over / left : 0;
      left = over > MIN_MEDIA_SHARE * all ? over : 0;
      stays += outgoing(({ newSurface }) => newSurface);
      load += outgoing(takes);
      exchanges -= outgoing(({ zeolite }) => zeolite?.capacity ?? 0);
      const zeolite = bed(exchanges);
      const surface = [0, 0, 0];
      [surface[GOES], surface[STAYS], surface[TANK]] = [left, stays, tank.outside];
      return {
        day,
        kept: [kept, 1, 1],
        surface,
        load,
        zeolite: { bed: zeolite, stays: zeolite?.capacity ?? 0 },
      };
    });
  const events = [...swaps, ...water].sort((a, b) => a.day - b.day);
  return { ...cycle({ ...settle, zeolite: bed(capacity), start: before, events, days }), before };
}
