import { z } from 'zod';
import { spongeLayer } from '@/core/explore/variants';
import { addIntakeSponge } from '@/core/filter/addIntakeSponge';
import { intakeSponge } from '@/core/filter/intakeSponge';
import { FilterSchema, type Filter } from '@/core/filter/filter';
import { packFaults } from '@/core/pack/packFaults';
import { documentTable, valid, type Stored } from './documentTable';
import { InvalidError, NotFoundError } from './errors';
import type { Db } from './openDatabase';
import { checkFileSize } from './checkFileSize';
import { tanks } from './tanks';

const table = documentTable('filter');
const packDocs = documentTable('pack');

/** Packs of the open job of a filter: they can still be changed. */
const OPEN_PACKS = `SELECT as_found_pack_id FROM job WHERE filter_id = @filter AND stage <> 'done'
  UNION ALL SELECT planned_pack_id FROM job WHERE filter_id = @filter AND stage <> 'done'
  UNION ALL SELECT value FROM job, json_each(job.doc, '$.alternativePackIds')
    WHERE job.filter_id = @filter AND stage <> 'done'`;
/** The pack that is in a filter. */
const CURRENT_PACK = `SELECT as_packed_pack_id FROM (SELECT as_packed_pack_id FROM job
  WHERE filter_id = @filter AND as_packed_pack_id IS NOT NULL ORDER BY started_at DESC LIMIT 1)`;

const NewFilterSchema = z.object({ tank: z.unknown().optional(), filter: FilterSchema });

export const filters = {
  find: table.find,
  get: table.get,
  read: table.read,
  insert: table.insert,
  /** Id and name of every filter, as they were added. */
  names: (db: Db): readonly { readonly id: string; readonly name: string }[] =>
    db
      .prepare(`SELECT id, coalesce(json_extract(doc, '$.name'), id) AS name FROM filter ORDER BY rowid`)
      .all() as { id: string; name: string }[],

  onTank: (db: Db, tankId: string): readonly Stored<Filter>[] =>
    table.select(db, 'WHERE tank_id = ? ORDER BY rowid', tankId),

  /** The same without those that cannot be read. */
  onTankRead: (db: Db, tankId: string): readonly Stored<Filter>[] =>
    table.read(db, 'WHERE tank_id = ? ORDER BY rowid', tankId).read,

  /** A new filter, with its new tank or on one that is there; neither is kept without the other. */
  add: (db: Db, input: unknown): Stored<Filter> =>
    db
      .transaction(() => {
        const { tank, filter } = valid(NewFilterSchema, input);
        const { doc } = tank === undefined ? tanks.get(db, filter.tankId) : tanks.insert(db, tank);
        if (doc.id !== filter.tankId)
          throw new InvalidError(['The filter belongs to another tank than the one given.']);
        return table.insert(db, filter);
      })
      .immediate(),

  /** Saves a changed filter; packs that can still be changed must keep a chamber for every layer. */
  update: (db: Db, version: number, input: unknown): Stored<Filter> =>
    db
      .transaction(() => {
        const filter = valid(FilterSchema, input);
        if (table.get(db, filter.id).doc.tankId !== filter.tankId)
          throw new InvalidError(['A filter cannot change its tank.']);
        // One that cannot be read is mended or removed on its own.
        const { read: open } = packDocs.read(db, `WHERE filter_id = @filter AND id IN (${OPEN_PACKS})`, {
          filter: filter.id,
        });
        const faults = open.flatMap(({ doc }) =>
          packFaults(filter, doc.layers).map(
            (fault) => `${fault} It is in the pack “${doc.name}”: move or remove the layer first.`,
          ),
        );
        if (faults.length > 0) throw new InvalidError(faults);
        const updated = table.update(db, version, filter);
        checkFileSize(db, filter.id);
        return updated;
      })
      .immediate(),

  /**
   * Puts a sponge on the intake: its chamber, and its foam in the pack that is in the filter and in those of the open job,
   * so that the sleeve is there and no empty place for one.
   */
  putSponge: (db: Db, id: string, version: number): Stored<Filter> =>
    db
      .transaction(() => {
        const before = table.get(db, id);
        const updated = filters.update(db, version, addIntakeSponge(before.doc));
        const chamber = intakeSponge(updated.doc);
        if (chamber === null) return updated;
        const { read } = packDocs.read(
          db,
          `WHERE filter_id = @filter AND id IN (${OPEN_PACKS} UNION ALL ${CURRENT_PACK})`,
          { filter: id },
        );
        const today = new Date().toISOString().slice(0, 10);
        for (const { version: from, doc } of read) {
          // A pack of which nothing is entered yet is not one with a sponge alone.
          if (doc.layers.length === 0 || doc.layers.some((layer) => layer.chamber === chamber.id)) continue;
          const sponge = { ...spongeLayer(updated.doc), installedOn: today };
          packDocs.update(db, from, { ...doc, layers: [sponge, ...doc.layers] });
        }
        return updated;
      })
      .immediate(),

  /** Removes a filter with its packs, jobs and log, and its tank when no other filter is on it. */
  remove: (db: Db, id: string): void => {
    db.transaction(() => {
      // By its columns, so that one that cannot be read can be removed too.
      const tankId: unknown = db.prepare('SELECT tank_id FROM filter WHERE id = ?').pluck().get(id);
      if (tankId === undefined) throw new NotFoundError('filter');
      db.prepare('DELETE FROM log_entry WHERE filter_id = ?').run(id);
      db.prepare('DELETE FROM job WHERE filter_id = ?').run(id);
      db.prepare('DELETE FROM filter WHERE id = ?').run(id);
      db.prepare(
        'DELETE FROM tank WHERE id = ? AND NOT EXISTS (SELECT 1 FROM filter WHERE tank_id = tank.id)',
      ).run(tankId);
    }).immediate();
  },
};
