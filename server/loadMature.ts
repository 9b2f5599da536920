import { LOOKS_BACK, tankMedia, type TankMedia } from '@/core/care/matureMedia';
import { isOut } from '@/core/job/isOut';
import { DAY_MS } from '@/core/units/daysBetween';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { groupedBy } from './groupedBy';
import { loadHome } from './loadHome';
import { rememberedFacts } from './rememberedFacts';

/** What lives in the media of every tank, in the order the tanks were entered. @param now ISO moment */
export function loadMature(db: Db, now: string): TankMedia[] {
  const { filters } = loadHome(db, now);
  const since = new Date(Date.parse(now) - LOOKS_BACK * DAY_MS).toISOString();
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
