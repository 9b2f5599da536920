import { defaultQuery } from '@/core/propose/defaultQuery';
import type { ProposeInput } from '@/core/propose/proposeInput';
import { aloneOn } from '@/core/report/surroundings';
import { DEMO_SHELF } from '@/demo/demoShelf';
import { WATERS } from '@/demo/waters';

/** A search for packs of one of the demo’s filters, from any generic medium: the largest there is. */
export function proposeOn(filterId: string): ProposeInput {
  const water = WATERS.find(({ filter }) => filter.id === filterId);
  if (water === undefined) throw new Error(`The demo has no ${filterId}.`);
  const { tank, filter, layers } = water;
  return {
    ...defaultQuery({
      around: aloneOn(tank),
      filter,
      mine: layers,
      today: layers,
      shelf: DEMO_SHELF,
    }),
    from: 'any',
    stay: [],
  };
}
