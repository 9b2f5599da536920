import type { Swap, SwapPiece, SwapStage } from '../filter/swap';
import { cycle, type CycleCourse, type CycleEvent, type Nitrogen } from './cycle';
import { matureFilm } from './matureFilm';

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
}

/** What a swap does to the water, and what the water was before; kg N/m³. */
export interface SwapCourse extends CycleCourse {
  readonly before: Nitrogen;
}

/** Days that are followed after the last stage. */
const AFTER = 28;
/** Share of a grown film that gets into media by itself (calibrated: what comes with water and fish). */
const SEED = 1e-4;
/** Homes of bacteria: media that go, media that stay or come, and the tank. */
const [GOES, STAYS, TANK] = [0, 1, 2] as const;

/** Days that a swap is followed for. */
export const swapDays = (stages: readonly Pick<SwapStage, 'day'>[]): number =>
  Math.max(0, ...stages.map(({ day }) => day)) + AFTER;

/**
 * Ammonia, nitrite and nitrate through a staged swap. The tank begins with what grew under its load; what goes out takes
 * its film with it, what comes in begins without one and is settled from the media beside it.
 *
 * @param stages in any order
 * @param water other things that happen, such as water changes
 * @source {@link cycle}; film sits evenly on the media that go. Zeolite that goes leaves its share of the ammonia to the
 *   film.
 */
export function swapCourse(
  tank: SwapTank,
  pieces: Swap['pieces'],
  stages: readonly Pick<SwapStage, 'day' | 'parts'>[],
  days = swapDays(stages),
  water: readonly CycleEvent[] = [],
): SwapCourse {
  const all = pieces.reduce((sum, { surface }) => sum + surface, 0);
  const takes = pieces.reduce((sum, piece) => sum + piece.takes, 0);
  const begins = Math.max(0, tank.load - takes);
  const places = matureFilm(
    [all, tank.staying, tank.outside].map((surface) => ({ surface, oxygen: tank.oxygen })),
    begins,
    tank.celsius,
  ).map((place, index) =>
    index === STAYS
      ? {
          ...place,
          film: {
            ammonia: Math.max(place.film.ammonia, SEED * begins),
            nitrite: Math.max(place.film.nitrite, SEED * begins),
          },
        }
      : place,
  );
  const settle = { volume: tank.volume, celsius: tank.celsius, places, load: begins } as const;
  const before = steady(settle);
  const byKey = new Map(pieces.map((piece) => [piece.key, piece]));
  let left = all;
  let stays = tank.staying;
  let load = begins;
  const swaps = [...stages]
    .sort((a, b) => a.day - b.day)
    .map(({ day, parts }): CycleEvent => {
      const sum = (value: (piece: SwapPiece) => number): number =>
        parts.reduce((total, { key, share }) => {
          const piece = byKey.get(key);
          return piece === undefined ? total : total + share * value(piece);
        }, 0);
      const gone = Math.min(
        left,
        sum(({ surface }) => surface),
      );
      const kept = left > 0 ? Math.max(0, 1 - gone / left) : 1;
      left -= gone;
      stays += sum(({ newSurface }) => newSurface);
      load += sum((piece) => piece.takes);
      const surface = [0, 0, 0];
      [surface[GOES], surface[STAYS], surface[TANK]] = [left, stays, tank.outside];
      return { day, kept: [kept, 1, 1], surface, load };
    });
  const events = [...swaps, ...water].sort((a, b) => a.day - b.day);
  return { ...cycle({ ...settle, start: before, events, days }), before };
}

/** Days in which water that nothing disturbs comes to rest. */
const REST = 4;

/** What the water of a mature tank holds: the end of a few days without any change. */
function steady(
  settle: Pick<Parameters<typeof cycle>[0], 'volume' | 'celsius' | 'places' | 'load'>,
): Nitrogen {
  const none = { ammonia: 0, nitrite: 0, nitrate: 0 };
  const { ammonia, nitrite } = cycle({ ...settle, start: none, events: [], days: REST });
  return { ammonia: ammonia.at(-1) ?? 0, nitrite: nitrite.at(-1) ?? 0, nitrate: 0 };
}
