import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/job/logEntry';
import type { FilterFlow } from '@/core/service/flowShares';
import { flowState } from '@/core/service/flowState';
import { operatingPoint } from '@/core/hydraulics/operatingPoint';
import { type Surroundings } from '@/core/report/evaluatePack';
import { placeLayers } from '@/core/layers/placeLayers';
import type { Photo } from '@/core/job/photo';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import type { Settings } from '@/core/settings/settings';
import type { Tank } from '@/core/tank/tank';
import type { Stored } from '@/store/documentTable';
import { filters } from '@/store/filters';
import { jobs } from '@/store/jobs';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { packs } from '@/store/packs';
import { photos } from '@/store/photos';
import { settings } from '@/store/settings';
import { tanks } from '@/store/tanks';

/** All that the pages of one filter show. */
export interface FilterPage {
  readonly tank: Stored<Tank>;
  /** The tank as it stands, the other filters on it, the keeper’s schools, and now. */
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  /** All filters of the tank, this one first, each with its newest timed flow. */
  readonly flows: readonly FilterFlow[];
  readonly filter: Stored<Filter>;
  /** The open job with its two packs; null between jobs. */
  readonly open: {
    readonly job: Stored<Job>;
    readonly asFound: Stored<Pack>;
    readonly planned: Stored<Pack>;
    readonly alternatives: readonly Stored<Pack>[];
    readonly photos: readonly Photo[];
  } | null;
  /** What was packed last, as far as is known. */
  readonly current: Pack | null;
  readonly log: readonly LogEntry[];
}

/** Reads a filter's page, or null when there is no such filter. */
export function loadFilterPage(db: Db, filterId: string): FilterPage | null {
  const filter = filters.find(db, filterId);
  if (filter === null) return null;
  const job = jobs.open(db, filterId);
  const tank = tanks.get(db, filter.doc.tankId);
  const entries = log.ofFilter(db, filterId);
  const others = filters
    .onTank(db, tank.doc.id)
    .filter(({ doc }) => doc.id !== filterId)
    .map(({ doc }) => ({ filter: doc, layers: layersIn(db, doc) }));
  const stored = settings.get(db);
  return {
    tank,
    settings: stored,
    around: {
      tank: tank.doc,
      others,
      schools: stored.doc.schools,
      now: new Date().toISOString(),
    },
    flows: [filter.doc, ...others.map((other) => other.filter)].map((one) => flowOf(db, one, tank.doc)),
    filter,
    open:
      job === null
        ? null
        : {
            job,
            asFound: packs.get(db, job.doc.asFoundPackId),
            planned: packs.get(db, job.doc.plannedPackId),
            alternatives: job.doc.alternativePackIds.map((id) => packs.get(db, id)),
            photos: photos.ofJob(db, job.doc.id),
          },
    current: jobs.currentPack(db, filterId),
    log: entries,
  };
}

/** Every filter's page, in the order they were entered. */
export const loadFilters = (db: Db): FilterPage[] =>
  filters.all(db).flatMap(({ doc }) => {
    const page = loadFilterPage(db, doc.id);
    return page === null ? [] : [page];
  });

/** What is in a filter, as far as is known. */
function layersIn(db: Db, filter: Filter): Layer[] {
  const chambers = new Set(filter.chambers.map((chamber) => chamber.id));
  // A record of an old pack may name chambers that were since taken out of the filter.
  return (jobs.currentPack(db, filter.id)?.layers ?? []).filter((layer) => chambers.has(layer.chamber));
}

/** Flow of a filter as timed last, and as pump and pack give it by reckoning. */
const flowOf = (db: Db, filter: Filter, tank: Tank): FilterFlow => ({
  filter,
  measured: flowState(log.ofFilter(db, filter.id)).readings.at(-1)?.flow.mean ?? null,
  predicted: operatingPoint(filter, placeLayers(filter, layersIn(db, filter)), tank.temperature).flow,
});
