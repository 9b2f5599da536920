import { SMALL_BASKET } from '@/core/practice/smallBasket';
import type { RuleContext } from '../finding';

/** False in a small basket for a keeper of the school that any order works there. */
export function ordersMatter({ schools, chambers }: RuleContext): boolean {
  const room = chambers.reduce((sum, { measure }) => sum + measure.volume, 0);
  return schools.order === 'grades' || room > SMALL_BASKET;
}
