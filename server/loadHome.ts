import { isOfTank } from '@/core/log/isOfTank';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import { DEFAULT_SETTINGS, type Settings } from '@/core/settings/settings';
import { EMPTY_SHELF, type Shelf } from '@/core/shelf/shelf';
import { filters } from '@/store/filters';
import { jobs } from '@/store/jobs';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { NO_OUTLOOK, outlooks } from '@/store/outlooks';
import { packs } from '@/store/packs';
import { settings } from '@/store/settings';
import { shelf } from '@/store/shelf';
import { tanks } from '@/store/tanks';
import { groupedBy } from './groupedBy';
import type { HomeFilter } from './homeRow';
import { layersThatFit } from './layersThatFit';
import { troublesOf, type Trouble } from './trouble';

export interface Home {
  readonly filters: readonly HomeFilter[];
  readonly troubles: readonly Trouble[];
  readonly settings: Settings;
  readonly shelf: Shelf;
}

/** Every filter with what home says of it, in the order they were entered: one query a table. */
export function loadHome(db: Db, now: string): Home {
  const tank = tanks.read(db, 'ORDER BY rowid');
  const filter = filters.read(db, 'ORDER BY rowid');
  const job = jobs.readNewest(db);
  const pack = packs.readNewest(db);
  const entries = log.summaries(db);
  const ahead = outlooks.all(db);
  const setting = settings.read(db, '');
  const onShelf = shelf.read(db, '');
  const chosen = setting.read[0]?.doc ?? DEFAULT_SETTINGS;
  const { schools } = chosen;
  const tankById = new Map(tank.read.map(({ doc }) => [doc.id, doc]));
  const packById = new Map(pack.read.map(({ doc }) => [doc.id, doc]));
  const jobsOf = groupedBy(job.read, ({ doc }) => doc.filterId);
  const logOf = groupedBy(entries.read, ({ filterId }) => filterId);
  const filtersOn = groupedBy(filter.read, ({ doc }) => doc.tankId);
  const openJob = (filterId: string): Job | null =>
    jobsOf.get(filterId)?.find(({ doc }) => doc.stage !== 'done')?.doc ?? null;
  const layersIn = (doc: Filter): Layer[] => {
    const packed = jobsOf.get(doc.id)?.find((found) => found.doc.stage === 'done')?.doc;
    const current =
      packById.get(packed?.asPackedPackId ?? '') ?? packById.get(openJob(doc.id)?.asFoundPackId ?? '');
    return layersThatFit(doc, current ?? null);
  };
  const plannedFor = (doc: Filter): Layer[] =>
    layersThatFit(doc, packById.get(openJob(doc.id)?.plannedPackId ?? '') ?? null);
  return {
    filters: filter.read.flatMap(({ doc }) => {
      const own = tankById.get(doc.tankId);
      if (own === undefined) return [];
      const others = (filtersOn.get(doc.tankId) ?? [])
        .filter((other) => other.doc.id !== doc.id)
        .map((other) => ({ filter: other.doc, layers: layersIn(other.doc) }));
      return [
        {
          filter: doc,
          // What was added matters to the days of chemical media, which home does not show.
          around: { tank: own, others, schools, added: [], now },
          job: openJob(doc.id),
          planned: plannedFor(doc),
          layers: layersIn(doc),
          log: [
            ...(logOf.get(doc.id) ?? []),
            // Water is changed and poured into a tank, whichever filter it was logged at.
            ...others.flatMap((other) => (logOf.get(other.filter.id) ?? []).filter(isOfTank)),
          ],
          outlook: ahead.get(doc.id) ?? NO_OUTLOOK,
        },
      ];
    }),
    settings: chosen,
    shelf: onShelf.read[0]?.doc ?? EMPTY_SHELF,
    troubles: troublesOf(
      db,
      [tank, filter, job, pack, entries, setting].flatMap(({ unreadable }) => unreadable),
    ),
  };
}
