import { NITROGEN_PER_SLUDGE, USUAL_DIRT } from '../dirt/dirtNumbers';
import { dirtProduction } from '../dirt/dirtProduction';
import type { Range } from '../maths/range';
import { ammoniaPerDay, feedPerDay } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';
import { sum } from '../maths/sum';

/**
 * Nitrogen that a tank’s bacteria have to take up, kg N a day, as a range.
 * What the animals give off, and what their dirt and the plants’ litter give back as they rot, in the filter or outside.
 */
export function nitrogenPerDay(tank: Tank): Range {
  const food = feedPerDay(tank);
  const at = (fed: number): number => {
    const dirt = dirtProduction(tank, USUAL_DIRT, food.likely > 0 ? fed / food.likely : 1);
    const rots = sum(dirt);
    return ammoniaPerDay(fed, tank.feed.protein) + NITROGEN_PER_SLUDGE * rots;
  };
  return { low: at(food.low), likely: at(food.likely), high: at(food.high) };
}
