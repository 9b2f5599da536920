import { PackSchema, type Pack } from '@/core/pack/pack';
import { packFaults } from '@/core/pack/packFaults';
import { MAX_PACKS } from '@/formats/fileLimits';
import { documentTable, valid, type Stored } from './documentTable';
import { InvalidError } from './errors';
import { filters } from './filters';
import { NEWEST_JOBS } from './newestJobs';
import type { Db } from './openDatabase';
import type { Sorted } from './readRow';
import { spreadOwnMedia } from './ownMedia';
import { checkFileSize } from './checkFileSize';

const table = documentTable('pack');

export const packs = {
  find: table.find,
  get: table.get,
  read: table.read,
  /** What is in every filter as far as is known, as packed last or as found in the open job, and what is planned there. */
  readNewest: (db: Db): Sorted<Stored<Pack>> =>
    table.read(
      db,
      `WHERE id IN (
         SELECT iif(stage = 'done', as_packed_pack_id, as_found_pack_id) FROM job WHERE id IN (${NEWEST_JOBS})
         UNION SELECT planned_pack_id FROM job WHERE stage <> 'done')
       ORDER BY rowid`,
    ),
  /** Ids of the media that lie in most layers of all packs, the most used first. */
  mostUsedMedia: (db: Db, most: number): readonly string[] =>
    db
      .prepare(
        `SELECT json_extract(layer.value, '$.medium') AS medium FROM pack, json_each(pack.doc, '$.layers') AS layer
         GROUP BY medium ORDER BY count(*) DESC, medium LIMIT ?`,
      )
      .pluck()
      .all(most) as string[],
  ofFilter: (db: Db, filterId: string): readonly Stored<Pack>[] =>
    table.select(db, 'WHERE filter_id = ? ORDER BY rowid', filterId),

  /** Adds a pack of a file, which was checked as a whole: a record of an old pack need not fit the filter of today. */
  insertRecord: table.insert,

  /** Adds a pack whose layers fit its filter. */
  insert: (db: Db, input: unknown): Stored<Pack> => {
    const pack = valid(PackSchema, input);
    checkLayers(db, pack);
    const stored = table.insert(db, pack);
    const count = Number(
      db.prepare('SELECT count(*) FROM pack WHERE filter_id = ?').pluck().get(pack.filterId),
    );
    if (count > MAX_PACKS)
      throw new InvalidError([`A filter has at most ${MAX_PACKS} packs: remove an alternative first.`]);
    checkFileSize(db, pack.filterId);
    return stored;
  },

  /** Saves a changed pack; its layers must fit its filter, and it stays with that filter and in its role. */
  update: (db: Db, version: number, input: unknown): Stored<Pack> =>
    db
      .transaction(() => {
        const pack = valid(PackSchema, input);
        const stored = table.get(db, pack.id).doc;
        if (stored.filterId !== pack.filterId || stored.role !== pack.role)
          throw new InvalidError(['A pack cannot change its filter or its role.']);
        if (stored.role === 'as packed')
          throw new InvalidError(['You cannot change the record of a finished repack.']);
        checkLayers(db, pack);
        const updated = table.update(db, version, pack);
        spreadOwnMedia(db, pack);
        checkFileSize(db, pack.filterId);
        return updated;
      })
      .immediate(),
};

function checkLayers(db: Db, pack: Pack): void {
  const faults = packFaults(filters.get(db, pack.filterId).doc, pack.layers);
  if (faults.length > 0) throw new InvalidError(faults);
}
