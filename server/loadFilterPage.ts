import { isOfTank } from '@/core/log/isOfTank';
import type { Filter } from '@/core/filter/filter';
import { operatingPoint } from '@/core/hydraulics/operatingPoint';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { Photo } from '@/core/log/photo';
import { placeLayers } from '@/core/layers/placeLayers';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import type { Pack } from '@/core/pack/pack';
import type { Surroundings } from '@/core/report/surroundings';
import type { FilterFlow } from '@/core/service/flowShares';
import { flowState } from '@/core/service/flowState';
import type { Settings } from '@/core/settings/settings';
import type { Shelf } from '@/core/shelf/shelf';
import type { Tank } from '@/core/tank/tank';
import type { Stored } from '@/store/documentTable';
import { UnreadableError, type Unreadable } from '@/store/errors';
import { filters } from '@/store/filters';
import { jobs } from '@/store/jobs';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { outlooks } from '@/store/outlooks';
import { ownMedia } from '@/store/ownMedia';
import { packs } from '@/store/packs';
import { photos } from '@/store/photos';
import { settings } from '@/store/settings';
import { shelf } from '@/store/shelf';
import { tanks } from '@/store/tanks';
import { misfitOf } from '@/store/unreadable';
import { currentPack } from './currentPack';
import { layersThatFit } from './layersThatFit';

/** All that the pages of one filter show. */
export interface FilterPage {
  readonly tank: Stored<Tank>;
  /** The tank as it stands, the other filters on it, the keeper’s schools, and now. */
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  readonly shelf: Stored<Shelf>;
  /** Media of the keeper’s own, in whichever pack they are. */
  readonly ownMedia: readonly OwnMedium[];
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
  /** Tests, water changes and the like that were logged at the other filters of the tank. */
  readonly tankLog: readonly LogEntry[];
  /** The last finished repack with what was found and what went in; null where none is on record. */
  readonly repack: { readonly job: Job; readonly found: Pack; readonly packed: Pack } | null;
}

/** The documents without which a filter’s pages cannot be drawn, and which cannot be used. */
export interface BrokenPage {
  readonly unreadable: readonly Unreadable[];
}

/** Reads a filter's page; null when there is no such filter, and what is broken where it cannot be drawn. */
export function loadFilterPage(db: Db, filterId: string): FilterPage | BrokenPage | null {
  const unreadable: Unreadable[] = [];
  /** Reads a document that the page needs; one that cannot be read is collected, so that all are shown at once. */
  const needed = <T>(read: () => T): T | null => {
    try {
      return read();
    } catch (error) {
      if (!(error instanceof UnreadableError)) throw error;
      unreadable.push(error.document);
      return null;
    }
  };
  const filter = needed(() => filters.find(db, filterId));
  if (filter === null) return unreadable.length > 0 ? { unreadable } : null;
  const tank = needed(() => tanks.get(db, filter.doc.tankId));
  const job = needed(() => jobs.open(db, filterId));
  const pack = (id: string): Stored<Pack> | null => {
    const found = needed(() => packs.get(db, id));
    const misfit = found === null ? null : misfitOf(filter.doc, found.doc);
    if (misfit !== null) unreadable.push(misfit);
    return misfit === null ? found : null;
  };
  const asFound = job === null ? null : pack(job.doc.asFoundPackId);
  const planned = job === null ? null : pack(job.doc.plannedPackId);
  const alternatives = (job?.doc.alternativePackIds ?? []).map(pack).filter((found) => found !== null);
  if (unreadable.length > 0 || tank === null) return { unreadable };

  const others = filters
    .onTankRead(db, tank.doc.id)
    .filter(({ doc }) => doc.id !== filterId)
    .map(({ doc }) => ({ filter: doc, layers: layersThatFit(doc, currentPack(db, doc.id)) }));
  const own = log.read(db, filterId).read;
  const tankLog = others.flatMap((other) => log.read(db, other.filter.id).read.filter(isOfTank));
  const stored = settings.getOrFirst(db);
  return {
    tank,
    settings: stored,
    shelf: shelf.getOrFirst(db),
    ownMedia: ownMedia(db),
    around: {
      tank: tank.doc,
      others,
      schools: stored.doc.schools,
      added: [...own, ...tankLog].filter((entry) => entry.kind === 'addition'),
      now: new Date().toISOString(),
      learned: learnedOf(db, filterId),
    },
    flows: [filter.doc, ...others.map((other) => other.filter)].map((doc) => flowOf(db, doc, tank.doc)),
    filter,
    open:
      job === null || asFound === null || planned === null
        ? null
        : { job, asFound, planned, alternatives, photos: photos.ofJob(db, job.doc.id) },
    current: currentPack(db, filterId),
    log: own,
    tankLog,
    repack: lastRepack(db, filterId),
  };
}

/** What the log taught; nothing where filter or tank are no longer what it was learned of. */
function learnedOf(db: Db, filterId: string): Surroundings['learned'] {
  const { ofThisPlace, outlook } = outlooks.get(db, filterId);
  return ofThisPlace ? (outlook?.learned.posterior ?? null) : null;
}

/** The last finished repack; null also where a record of it cannot be read, which home says. */
function lastRepack(db: Db, filterId: string): FilterPage['repack'] {
  try {
    const job = jobs.lastDone(db, filterId)?.doc;
    if (job?.asPackedPackId == null) return null;
    return {
      job,
      found: packs.get(db, job.asFoundPackId).doc,
      packed: packs.get(db, job.asPackedPackId).doc,
    };
  } catch (error) {
    if (error instanceof UnreadableError) return null;
    throw error;
  }
}

/** Flow of a filter as timed last, and as pump and pack give it by reckoning. */
const flowOf = (db: Db, filter: Filter, tank: Tank): FilterFlow => ({
  filter,
  measured: flowState(log.read(db, filter.id).read).readings.at(-1)?.flow.mean ?? null,
  predicted: operatingPoint(
    filter,
    placeLayers(filter, layersThatFit(filter, currentPack(db, filter.id))),
    tank.temperature,
  ).flow,
});
