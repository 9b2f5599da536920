import type { Range } from '../tank/feedPerDay';

/** Carbon in dry food, kg/kg, and the share of it that stays in the water as what carbon takes (calibrated). */
const CARBON_IN_FOOD = 0.45;
const STAYS_DISSOLVED = 0.05;
/**
 * Dissolved carbon that activated carbon holds, kg/kg (calibrated so that a gram a litre lasts five to eight weeks at a gram
 * of food a day and 100 L; published isotherms and yields span a decade: only capacity over load is calibrated).
 */
const CAPACITY = 10e-3;
/** How far apart the lives of a bed lie, as a factor either way: five to eight weeks is about a quarter (calibrated). */
const LIVES_APART = 1.3;

/** Dissolved organic carbon that a tank’s food leaves, kg a day. */
export const dissolvedCarbon = (food: number): number => food * CARBON_IN_FOOD * STAYS_DISSOLVED;

/**
 * Days for which carbon works, as a range; null where nothing is fed and it lasts.
 *
 * @param mass dry, kg
 * @param food a day, kg
 * @param extra dissolved carbon from new wood, kg a day
 * @example carbonLife(0.1, 1e-3).likely // 44.44444444444444
 */
export function carbonLife(mass: number, food: number, extra = 0): Range | null {
  const load = dissolvedCarbon(food) + extra;
  if (load <= 0 || mass <= 0) return null;
  const likely = (mass * CAPACITY) / load;
  return { low: likely / LIVES_APART, likely, high: likely * LIVES_APART };
}
