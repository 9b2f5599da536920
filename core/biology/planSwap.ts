import type { Swap, SwapPiece, SwapStage } from '../filter/swap';
import { LAST_STAGE_DAY, MAX_STAGES } from '../filter/swapBounds';
import { ammoniaShare } from '../water/ammoniaShare';
import { LIMITS } from './nitrifiers';
import { swapCourse, type SwapTank } from './swapCourse';
import { sumOf } from '../maths/sum';

/** Most that a keeper puts up with during a swap, kg N/m³. */
export interface SwapLimits {
  readonly ammonia: number;
  readonly nitrite: number;
  /** Un-ionised, which is the poisonous part. */
  readonly freeAmmonia: number;
}

/** Default limits: the first step of a usual test kit, and what fish tolerate for weeks (common practice, no source). */
export const SWAP_LIMITS: SwapLimits = { ...LIMITS, freeAmmonia: 0.02e-3 };

/** pH that stands in until it is measured, on the safe side of usual tap water (assumed). */
export const ASSUMED_PH = 7.5;

/** Highest values of a course, kg N/m³. */
export interface Peaks {
  readonly ammonia: number;
  readonly nitrite: number;
  readonly freeAmmonia: number;
}

/** A proposed swap: its stages, what the water comes to at worst, and whether that stays under the limits. */
export interface PlannedSwap {
  readonly stages: readonly Pick<SwapStage, 'day' | 'parts'>[];
  readonly peaks: Peaks;
  readonly holds: boolean;
}

/** Least and most days between two stages (common practice: a week to a month). */
const MIN_APART = 3;
const MAX_APART = 28;
/** Smallest share of a piece that is worth a stage. */
const MIN_STAGE_SHARE = 1e-6;

/** Shares that hands can divide a bag or a pad into. */
const PLAIN_SHARES = [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4, 1] as const;
/** How far a share may be from a plain one to become it. */
const NEARLY_PLAIN = 0.13;

/** The plain share next to a share of a piece; the share itself where none is near. */
function plainShare(share: number): number {
  const nearest = PLAIN_SHARES.reduce<number>(
    (best, plain) => (Math.abs(plain - share) < Math.abs(best - share) ? plain : best),
    1,
  );
  return Math.abs(nearest - share) <= NEARLY_PLAIN ? nearest : share;
}

/** @param pH of the water */
export function peaksOf(
  course: { readonly ammonia: Float64Array; readonly nitrite: Float64Array },
  celsius: number,
  pH: number,
): Peaks {
  const highest = (values: Float64Array): number => values.reduce((most, value) => Math.max(most, value), 0);
  const ammonia = highest(course.ammonia);
  return { ammonia, nitrite: highest(course.nitrite), freeAmmonia: ammonia * ammoniaShare(celsius, pH) };
}

/** True while no peak passes its limit. */
export const staysUnder = (peaks: Peaks, limits: SwapLimits): boolean =>
  peaks.ammonia <= limits.ammonia &&
  peaks.nitrite <= limits.nitrite &&
  peaks.freeAmmonia <= limits.freeAmmonia;

/**
 * Shares pieces out over stages of about the same surface, in their order. A piece that cannot be divided goes out whole,
 * in the stage in which its middle falls.
 *
 * @example stagesOf([{ key: 'a', surface: 1, newSurface: 1, whole: false, zeolite: null, name: '' }], 2, 7).length // 2
 */
export function stagesOf(
  pieces: readonly SwapPiece[],
  count: number,
  apart: number,
): Pick<SwapStage, 'day' | 'parts'>[] {
  // What has no film to speak of counts a little, so that it is shared out as well.
  const weightOf = (piece: SwapPiece): number => Math.max(piece.surface, piece.newSurface, MIN_STAGE_SHARE);
  const all = sumOf(pieces, weightOf);
  const size = all / count;
  const stages: { key: string; share: number }[][] = Array.from({ length: count }, () => []);
  let begins = 0;
  for (const piece of pieces) {
    const weight = weightOf(piece);
    const ends = begins + weight;
    const stageAt = (place: number): number => Math.min(count - 1, Math.max(0, Math.floor(place / size)));
    if (piece.whole) stages[stageAt((begins + ends) / 2)]!.push({ key: piece.key, share: 1 });
    else {
      let given = 0;
      for (let stage = stageAt(begins); stage <= stageAt(ends); stage += 1) {
        const to = stage === count - 1 ? ends : Math.min(ends, (stage + 1) * size);
        const upTo = to >= ends - MIN_STAGE_SHARE * weight ? 1 : plainShare((to - begins) / weight);
        if (upTo - given > MIN_STAGE_SHARE) stages[stage]!.push({ key: piece.key, share: upTo - given });
        given = Math.max(given, upTo);
      }
    }
    begins = ends;
  }
  return stages.filter((parts) => parts.length > 0).map((parts, stage) => ({ day: stage * apart, parts }));
}

/**
 * Fewest stages, and then the earliest days, that keep ammonia, nitrite and free ammonia under their limits. Where not even
 * the most stages hold, the gentlest is given, and says so.
 *
 * @param cautious the tank as it may be at worst: what the plan must hold for
 * @param pH of the water
 * @source search over {@link swapCourse}: more stages, and more days between them, never raise a peak by more than their
 *   shares differ.
 */
export function planSwap(
  cautious: SwapTank,
  pieces: Swap['pieces'],
  pH: number,
  limits: SwapLimits = SWAP_LIMITS,
): PlannedSwap {
  const judge = (count: number, apart: number): PlannedSwap => {
    const stages = stagesOf(pieces, count, apart);
    const peaks = peaksOf(swapCourse(cautious, pieces, stages), cautious.celsius, pH);
    return { stages, peaks, holds: staysUnder(peaks, limits) };
  };
  const most = pieces.every(({ whole }) => whole) ? Math.min(MAX_STAGES, pieces.length) : MAX_STAGES;
  let gentlest = judge(1, 0);
  if (gentlest.holds) return gentlest;
  for (let count = 2; count <= most; count += 1) {
    const longest = Math.min(MAX_APART, Math.floor(LAST_STAGE_DAY / (count - 1)));
    let found = judge(count, longest);
    if (found.peaks.ammonia + found.peaks.nitrite < gentlest.peaks.ammonia + gentlest.peaks.nitrite)
      gentlest = found;
    if (!found.holds) continue;
    // The shortest time between stages that still holds, by halves.
    let [short, long] = [MIN_APART - 1, longest];
    while (long - short > 1) {
      const middle = Math.floor((short + long) / 2);
      const tried = judge(count, middle);
      if (tried.holds) [long, found] = [middle, tried];
      else short = middle;
    }
    return found;
  }
  return gentlest;
}
