import type { Filter } from '../filter/filter';
import { sumOf } from '../maths/sum';

/**
 * How far above the tank’s water a filter must lift it, m: the lip of a hang-on-back, or outlets that pour from above
 * the water, on average where there are several. Nothing where they end under water: a full hose gives back what it
 * lifts.
 */
export function liftOf({ spill, outlets }: Pick<Filter, 'spill' | 'outlets'>): number {
  if (spill !== null) return spill.lipAboveTank;
  return sumOf(outlets, ({ aboveWater }) => aboveWater) / outlets.length;
}
