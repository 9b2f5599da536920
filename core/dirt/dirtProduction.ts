import { feedPerDay } from '../tank/feedPerDay';
import { litterPerDay } from '../tank/litterPerDay';
import type { Tank } from '../tank/tank';
import type { DirtNumbers } from './dirtNumbers';
import { SIZE_CLASSES } from './sizeClasses';

/**
 * Dry solids that a tank makes in a day, by size, kg.
 *
 * @param fed how many times the likely food
 * @source dry solids per dry food, Timmons & Ebeling, from memory; plant litter as a second source.
 */
export function dirtProduction(tank: Tank, numbers: DirtNumbers, fed = 1): Float64Array {
  const food = feedPerDay(tank);
  const fromFood = food.likely * fed * numbers.solidsPerFood;
  const litter = litterPerDay(tank) * numbers.litterFactor;
  return new Float64Array(SIZE_CLASSES.map(({ ofFood, ofLitter }) => fromFood * ofFood + litter * ofLitter));
}
