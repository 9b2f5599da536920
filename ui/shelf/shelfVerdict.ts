import type { Verdict } from '@/core/report/verdict';
import type { Shelf } from '@/core/shelf/shelf';
import { sentence } from '@/core/units/sentence';

/** What lies on the shelf, in one line. */
export function shelfVerdict({ items }: Shelf): Verdict {
  if (items.length === 0)
    return {
      level: 'empty',
      state: sentence`The shelf is empty.`,
      next: sentence`Enter the media and spares you have, so that cut plans and shopping lists can use them.`,
    };
  const gone = items.filter((item) => (item.kind === 'loose' ? item.volume : item.count) === 0).length;
  const unpriced = items.filter(
    (item) => item.price === null && !(item.kind === 'sheet' && item.offcut),
  ).length;
  return {
    level: 'works',
    state: sentence`${String(items.length)} ${items.length === 1 ? 'item' : 'items'} on the shelf, ${gone === 0 ? 'all on hand' : `${gone} used up`}.`,
    next:
      unpriced === 0
        ? sentence`All prices are entered.`
        : sentence`${String(unpriced)} without a price, so costs leave them out.`,
  };
}
