import type { Range } from '../maths/range';
import { DIRT_SPREAD } from './dirtNumbers';
import { feedUncertainty } from './feedUncertainty';
import { SOLID_SPREAD } from './filterSpreads';
import type { ClogFactors } from './withFactors';

/**
 * What a log can teach of a tank and of the media, each with the factor either way that about two thirds of tanks
 * stay within before anything was read. Food counts with the solids that it leaves: no reading separates them.
 */
const LEARNED = {
  fed: (food: Range) =>
    Math.max(
      MIN_FED_SPREAD,
      Math.exp(Math.hypot(Math.log(DIRT_SPREAD.solidsPerFood), Math.log(feedUncertainty(food)))),
    ),
  attachment: () => DIRT_SPREAD.attachment,
  decay: () => DIRT_SPREAD.decay,
  sludgeDensity: () => DIRT_SPREAD.sludgeDensity,
  ultimateFactor: () => DIRT_SPREAD.ultimateFactor,
  settlingFactor: () => DIRT_SPREAD.settlingFactor,
  litterFactor: () => DIRT_SPREAD.litterFactor,
  solid: () => SOLID_SPREAD,
} as const satisfies Partial<Record<keyof ClogFactors, (food: Range) => number>>;

/** Food times solids is never better known than this before a log says more (calibrated). */
const MIN_FED_SPREAD = 1.35;
/** Speed of the pump with its hoses, as a factor on the clean flow (calibrated). */
export const SPEED_SPREAD = 1.1;

export type LearnedKey = keyof typeof LEARNED;
export const LEARNED_KEYS = Object.keys(LEARNED) as readonly LearnedKey[];

/**
 * The factors at a point, each coordinate in units of its spread.
 *
 * @param point the coordinates of {@link LEARNED_KEYS}, then that of the speed of the pump
 */
export function learnedFactors(point: readonly number[], food: Range): ClogFactors {
  const shared = LEARNED_KEYS.map((key, index) => [key, LEARNED[key](food) ** point[index]!]);
  return {
    ...(Object.fromEntries(shared) as ClogFactors),
    speed: SPEED_SPREAD ** point[LEARNED_KEYS.length]!,
  };
}
