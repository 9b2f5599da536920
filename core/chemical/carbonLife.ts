import type { Range } from '../maths/range';
import { solveFalling } from '../maths/solveFalling';
import { organicsReleasedBy, type OrganicsAdded } from './organicsAdded';
import { sumOf } from '../maths/sum';

/** Carbon in dry food, kg/kg, and the share of it that stays in the water as what carbon takes (calibrated). */
const CARBON_IN_FOOD = 0.45;
const STAYS_DISSOLVED = 0.05;
/**
 * Dissolved carbon that activated carbon holds, kg/kg (calibrated so that a gram a litre lasts five to eight weeks at a gram
 * of food a day and 100 L; published isotherms and yields span a decade: only capacity over load is calibrated).
 */
const CAPACITY = 10e-3;
/** How far what wood and medicine give off lies apart, as a factor either way (calibrated: nobody weighs it). */
const ADDED_APART = 2;
/** Longest life that is looked for where nothing is fed, days. */
const MAX_LIFE_DAYS = 3650;
/** Days to which a life is found: a minute. */
const DAYS_TOLERANCE = 1 / 1440;
/** How far apart the lives of a bed lie, as a factor either way: five to eight weeks is about a quarter (calibrated). */
const LIVES_APART = 1.3;

/** Dissolved organic carbon that a tank’s food leaves, kg a day. */
export const dissolvedCarbon = (food: number): number => food * CARBON_IN_FOOD * STAYS_DISSOLVED;

/**
 * Days for which carbon works, as a range; null where too little comes to use it up in ten years.
 *
 * @param mass dry, kg
 * @param food a day, kg
 * @param added wood, medicine, counted from the day on which the carbon went in
 * @example carbonLife(0.1, 1e-3).likely // 44.44444444444444
 */
export function carbonLife(mass: number, food: number, added: readonly OrganicsAdded[] = []): Range | null {
  if (mass <= 0) return null;
  const daysFor = (capacity: number, much: number): number | null => {
    const daily = dissolvedCarbon(food);
    if (added.length === 0) return daily > 0 ? capacity / daily : null;
    const met = (day: number): number =>
      daily * day + sumOf(added, (source) => much * organicsReleasedBy(source, day));
    if (met(MAX_LIFE_DAYS) < capacity) return null;
    return solveFalling((day) => capacity - met(day), 0, MAX_LIFE_DAYS, DAYS_TOLERANCE);
  };
  const likely = daysFor(mass * CAPACITY, 1);
  if (likely === null) return null;
  const low = daysFor((mass * CAPACITY) / LIVES_APART, ADDED_APART) ?? likely;
  const high = daysFor(mass * CAPACITY * LIVES_APART, 1 / ADDED_APART) ?? MAX_LIFE_DAYS;
  return { low: Math.min(low, likely), likely, high };
}
