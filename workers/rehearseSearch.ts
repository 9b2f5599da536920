import { presetFilter } from '@/core/filter/presetFilter';
import { defaultQuery } from '@/core/propose/defaultQuery';
import { searchPacks } from '@/core/propose/search';
import { aloneOn } from '@/core/report/surroundings';
import { EMPTY_SHELF } from '@/core/shelf/shelf';
import { newTank } from '@/core/tank/newTank';

/** Any filter on any tank that is fed: what it comes to is thrown away. */
const FILTER = presetFilter('canister-centre-pipe', { id: 'rehearsed', tankId: 'rehearsed' }, 'Rehearsed');
const TANK = {
  ...newTank('rehearsed', 'Rehearsed', 0.1),
  feed: { amount: { by: 'weight', perDay: 1e-3 }, protein: 0.4 },
} as const;

/**
 * Searches for the first packs of a made-up filter and forgets them. A worker that has never searched takes five times
 * as long for its first packs as for the next, since the browser compiles its code meanwhile.
 */
export function rehearseSearch(): void {
  const ask = defaultQuery({
    around: aloneOn(TANK),
    filter: FILTER,
    mine: [],
    today: [],
    shelf: EMPTY_SHELF,
  });
  searchPacks({ ...ask, from: 'any' }).next();
}
