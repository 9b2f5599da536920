import { isHangOnBack } from '../filter/kindFamily';
import { sumOf } from '../maths/sum';
import { SMALL_BASKET } from '../practice/smallBasket';
import type { RuleContext } from './ruleContext';

/** False in the small basket of a hang-on-back for a keeper of the school that any order works there. */
export function ordersMatter({
  filter,
  schools,
  chambers,
}: Pick<RuleContext, 'filter' | 'schools' | 'chambers'>): boolean {
  const room = sumOf(
    chambers.filter(({ chamber }) => chamber.where === 'body'),
    ({ measure }) => measure.volume,
  );
  return schools.order === 'grades' || !isHangOnBack(filter.kind) || room >= SMALL_BASKET;
}

/** Begins the reason of what is no fault by that school. */
export const ANY_ORDER = 'This is your choice: any order works in a small basket.';
