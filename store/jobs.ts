import { randomUUID } from 'node:crypto';
import { acknowledgedNote } from '@/core/job/acknowledged';
import { pileOf } from '@/core/layers/pile';
import { asPacked } from '@/core/job/asPacked';
import { newJob } from '@/core/job/newJob';
import type { Job, Occasion } from '@/core/job/job';
import { secondsOutOfFlow, stopClock } from '@/core/job/outOfFlowClock';
import type { Pack, PackRole } from '@/core/pack/pack';
import { sparesToShelf } from '@/core/shelf/sparesToShelf';
import { MAX_ITEMS } from '@/core/shelf/shelfBounds';
import { MAX_JOBS } from '@/formats/fileLimits';
import { documentTable, type Stored } from './documentTable';
import { ConflictError, InvalidError, NotFoundError } from './errors';
import { filters } from './filters';
import { log } from './log';
import type { Db } from './openDatabase';
import type { Sorted } from './readRow';
import { NEWEST_JOBS } from './newestJobs';
import { packs } from './packs';
import { shelf } from './shelf';

const table = documentTable('job');

/** Of the pack that a plan is compared with when the filter was not opened. */
const AS_LAST_PACKED = 'As last packed';

const PACK_NAMES: Readonly<Record<PackRole, string>> = {
  'as found': 'As found',
  planned: 'Plan',
  alternative: 'Alternative',
  'as packed': 'As packed',
};

export const jobs = {
  get: table.get,
  insert: table.insert,
  /** The open job and the newest finished one of every filter. */
  readNewest: (db: Db): Sorted<Stored<Job>> => table.read(db, `WHERE id IN (${NEWEST_JOBS}) ORDER BY rowid`),
  ofFilter: (db: Db, filterId: string): readonly Stored<Job>[] =>
    table.select(db, 'WHERE filter_id = ? ORDER BY started_at', filterId),
  open: (db: Db, filterId: string): Stored<Job> | null =>
    table.select(db, `WHERE filter_id = ? AND stage <> 'done'`, filterId)[0] ?? null,

  /** The newest jobs of a filter, oldest first. */
  newestOf: (db: Db, filterId: string, count: number): readonly Stored<Job>[] =>
    table.select(db, 'WHERE filter_id = ? ORDER BY started_at DESC LIMIT ?', filterId, count).toReversed(),

  /** The last job that packed something. */
  lastDone: (db: Db, filterId: string): Stored<Job> | null =>
    table.select(
      db,
      `WHERE filter_id = ? AND as_packed_pack_id IS NOT NULL ORDER BY started_at DESC LIMIT 1`,
      filterId,
    )[0] ?? null,

  /** What is in the filter as far as is known: what the last finished job packed. */
  currentPack: (db: Db, filterId: string): Pack | null => {
    const last = jobs.lastDone(db, filterId);
    return last?.doc.asPackedPackId == null ? null : packs.get(db, last.doc.asPackedPackId).doc;
  },

  /**
   * Begins a job. What was packed last stands in the as-found pack until the keeper says otherwise; a plan that is made
   * without opening the filter begins from it too, and may begin empty.
   */
  start: (db: Db, filterId: string, occasion: Occasion): Stored<Job> =>
    db
      .transaction(() => {
        const filter = filters.get(db, filterId).doc;
        const open = jobs.open(db, filterId);
        if (open !== null) throw new ConflictError('filter', open);
        const count = Number(
          db.prepare('SELECT count(*) FROM job WHERE filter_id = ?').pluck().get(filterId),
        );
        if (count >= MAX_JOBS)
          throw new InvalidError([
            `A filter can hold at most ${MAX_JOBS} repacks. Save it as a file, then add it again from the file.`,
          ]);
        const known = new Set(filter.chambers.map((chamber) => chamber.id));
        const layers = (jobs.currentPack(db, filterId)?.layers ?? []).filter((layer) =>
          known.has(layer.chamber),
        );
        const planOnly = occasion === 'plan';
        return table.insert(
          db,
          newJob({
            id: randomUUID(),
            filterId,
            occasion,
            stage: planOnly ? 'plan' : 'strip',
            startedAt: new Date().toISOString(),
            asFoundPackId: addPack(db, filterId, 'as found', layers, {
              name: planOnly ? AS_LAST_PACKED : undefined,
            }),
            plannedPackId: addPack(db, filterId, 'planned', planOnly ? layers : []),
          }),
        );
      })
      .immediate(),

  /**
   * Moves a job on or back to a stage before its end. The first time it reaches the plan, the plan begins as
   * found, without what the keeper lays aside.
   */
  moveTo: (db: Db, id: string, version: number, stage: Exclude<Job['stage'], 'done'>): Stored<Job> =>
    db
      .transaction(() => {
        const { doc } = stillOpen(table.get(db, id));
        if (doc.stage === 'strip' && stage !== 'strip') {
          const plan = packs.get(db, doc.plannedPackId);
          // Version 1 is the empty plan, untouched.
          if (plan.version === 1)
            packs.update(db, plan.version, {
              ...plan.doc,
              layers: packs
                .get(db, doc.asFoundPackId)
                .doc.layers.filter(
                  ({ treatment }) => treatment === null || pileOf(treatment) === 'goes back',
                ),
            });
        }
        return table.update(db, version, { ...doc, stage });
      })
      .immediate(),

  /** Saves what is done at the bench: preparations, the ticks of a repack, the clock of the media out of flow, the small parts. */
  saveWork: (
    db: Db,
    id: string,
    version: number,
    work: Pick<Job, 'packed' | 'ticks' | 'outOfFlow' | 'parts' | 'repackOn' | 'prepared' | 'cut'>,
  ): Stored<Job> =>
    db
      .transaction(() => {
        const { doc } = stillOpen(table.get(db, id));
        const { packed, ticks, outOfFlow, parts, repackOn, prepared, cut } = work;
        return table.update(db, version, {
          ...doc,
          packed,
          ticks,
          outOfFlow,
          parts,
          repackOn,
          prepared,
          cut,
        });
      })
      .immediate(),

  /** Adds another plan to a job: the layers given, under a name. */
  addAlternative: (
    db: Db,
    id: string,
    version: number,
    { name, layers, visits }: { name: unknown; layers: unknown; visits: unknown },
  ): { job: Stored<Job>; pack: Stored<Pack> } =>
    db
      .transaction(() => {
        const { doc } = stillOpen(table.get(db, id));
        const pack = packs.insert(db, {
          id: randomUUID(),
          filterId: doc.filterId,
          role: 'alternative',
          name,
          layers,
          visits,
        });
        const job = table.update(db, version, {
          ...doc,
          alternativePackIds: [...doc.alternativePackIds, pack.doc.id],
        });
        return { job, pack };
      })
      .immediate(),

  /** Removes one of the other plans. */
  dropAlternative: (db: Db, id: string, version: number, packId: string): { job: Stored<Job> } =>
    db
      .transaction(() => {
        const { doc } = stillOpen(table.get(db, id));
        if (!doc.alternativePackIds.includes(packId)) throw new NotFoundError('alternative');
        const job = table.update(db, version, {
          ...doc,
          alternativePackIds: doc.alternativePackIds.filter((id) => id !== packId),
        });
        db.prepare('DELETE FROM pack WHERE id = ?').run(packId);
        return { job };
      })
      .immediate(),

  /** Ends a job: what was ticked becomes the as-packed record, and the log says so. */
  finish: (db: Db, id: string, version: number): Stored<Job> =>
    db
      .transaction(() => {
        const { doc } = stillOpen(table.get(db, id));
        const layersOf = (packId: string) => packs.get(db, packId).doc.layers;
        const { visits } = packs.get(db, doc.plannedPackId).doc;
        const finishedAt = new Date().toISOString();
        // A first pack puts in new what lay in the packing.
        const old = doc.occasion === 'first pack' ? [] : layersOf(doc.asFoundPackId);
        const layers = asPacked(
          filters.get(db, doc.filterId).doc,
          layersOf(doc.plannedPackId),
          doc.packed,
          old,
          finishedAt.slice(0, 10),
        );
        if (layers.length === 0) throw new InvalidError(['Tick at least one layer before you finish.']);
        const job = table.update(db, version, {
          ...doc,
          stage: 'done',
          finishedAt,
          outOfFlow: stopClock(doc.outOfFlow, finishedAt, ''),
          asPackedPackId: addPack(db, doc.filterId, 'as packed', layers, { visits }),
        });
        layAside(
          db,
          job.doc,
          layersOf(doc.asFoundPackId),
          new Set(layers.map((layer) => layer.id)),
          finishedAt,
        );
        log.add(db, {
          kind: 'repacked',
          id: randomUUID(),
          filterId: doc.filterId,
          jobId: id,
          at: finishedAt,
          note: acknowledgedNote(doc),
        });
        return job;
      })
      .immediate(),

  /** Gives a job up: its two packs go with it, the log keeps its flows without the job. */
  drop: (db: Db, id: string): void => {
    db.transaction(() => {
      const { doc } = stillOpen(table.get(db, id));
      db.prepare(`UPDATE log_entry SET doc = json_set(doc, '$.jobId', NULL) WHERE job_id = ?`).run(id);
      db.prepare('DELETE FROM job WHERE id = ?').run(id);
      const remove = db.prepare('DELETE FROM pack WHERE id = ?');
      [doc.asFoundPackId, doc.plannedPackId, ...doc.alternativePackIds].forEach((pack) => remove.run(pack));
    }).immediate();
  },
};

/** Lays the spares of a repack on the shelf, as far as there is room. */
function layAside(
  db: Db,
  { filterId, outOfFlow }: Job,
  found: Pack['layers'],
  packed: ReadonlySet<string>,
  now: string,
): void {
  const wetSince = new Date(Date.parse(now) - secondsOutOfFlow(outOfFlow, now) * 1000).toISOString();
  const spares = sparesToShelf(filters.get(db, filterId).doc, found, packed, wetSince, randomUUID);
  if (spares.length === 0) return;
  const { doc, version } = shelf.get(db);
  shelf.update(db, version, { ...doc, items: [...doc.items, ...spares].slice(0, MAX_ITEMS) });
}

function addPack(
  db: Db,
  filterId: string,
  role: PackRole,
  layers: Pack['layers'],
  { name = PACK_NAMES[role], visits = [] }: { name?: string | undefined; visits?: Pack['visits'] } = {},
): string {
  return packs.insert(db, { id: randomUUID(), filterId, role, name, layers, visits }).doc.id;
}

function stillOpen(job: Stored<Job>): Stored<Job> {
  if (job.doc.stage === 'done') throw new InvalidError(['This repack is finished. Start a new one.']);
  return job;
}
