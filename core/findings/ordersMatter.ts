import { SMALL_BASKET } from '@/core/practice/smallBasket';
import type { RuleContext } from './ruleContext';
import { sumOf } from '../maths/sum';

/** False in a small basket for a keeper of the school that any order works there. */
export function ordersMatter({ schools, chambers }: RuleContext): boolean {
  const room = sumOf(chambers, ({ measure }) => measure.volume);
  return schools.order === 'grades' || room > SMALL_BASKET;
}
