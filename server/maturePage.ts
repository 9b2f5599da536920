import {
  LOG_WINDOW_DAYS,
  MATURE_ROWS,
  tankMedia,
  type GivingTank,
  type MediaHome,
  type TankMedia,
} from '@/core/mature/matureMedia';
import { isOut } from '@/core/job/isOut';
import { DAY_MS } from '@/core/units/daysBetween';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { groupedBy } from './groupedBy';
import { loadHome } from './loadHome';
import { rememberedFacts } from './rememberedFacts';

/** What is shown of mature media: what each tank could give, and a page of what lives where. */
export interface MaturePage {
  readonly tanks: readonly GivingTank[];
  readonly rows: readonly { readonly tank: string; readonly load: number | null; readonly home: MediaHome }[];
  /** How many rows there are in all, and from which these are, from 0. */
  readonly total: number;
  readonly from: number;
}

/**
 * A page of mature media.
 *
 * @param from row from which on they are listed; one that is not there becomes the first
 * @param now ISO moment
 */
export function maturePage(db: Db, from: number, now: string): MaturePage {
  const media = loadMature(db, now);
  const rows = media.flatMap(({ tank, load, homes }) => homes.map((home) => ({ tank, load, home })));
  const first = from > 0 && from < rows.length ? from : 0;
  return {
    tanks: media.map(({ homes: _, ...tank }) => tank),
    rows: rows.slice(first, first + MATURE_ROWS),
    total: rows.length,
    from: first,
  };
}

/** What lives in the media of every tank, in the order the tanks were entered. @param now ISO moment */
function loadMature(db: Db, now: string): TankMedia[] {
  const { filters } = loadHome(db, now);
  const since = new Date(Date.parse(now) - LOG_WINDOW_DAYS * DAY_MS).toISOString();
  const entries = groupedBy(log.since(db, ['test', 'addition'], since), ({ filterId }) => filterId);
  return [...groupedBy(filters, ({ around }) => around.tank.id).values()].map((onTank) => {
    const { tank } = onTank[0]!.around;
    const inIt = onTank.map(({ filter, layers, job }) => ({
      filter,
      layers,
      isOut: job !== null && isOut(job.stage),
    }));
    const logged = onTank.flatMap(({ filter }) => entries.get(filter.id) ?? []);
    return rememberedFacts(
      `mature ${tank.id}`,
      // Films grow by the day.
      [
        tank,
        now.slice(0, 10),
        ...inIt.flatMap(({ filter, layers, isOut: out }) => [filter, out, ...layers]),
        ...logged,
      ],
      () => tankMedia({ tank, filters: inIt, log: logged }, now),
    );
  });
}
