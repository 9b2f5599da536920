import { z } from 'zod';
import { FilterSchema, type Filter } from '@/core/filter/filter';
import { PackSchema, packFaults } from '@/core/pack/pack';
import { documentTable, valid, type Stored } from './documentTable';
import { InvalidError, NotFoundError } from './errors';
import type { Db } from './openDatabase';
import { tanks } from './tanks';

const table = documentTable('filter', FilterSchema);
const packDocs = documentTable('pack', PackSchema);

export const filters = {
  find: table.find,
  get: table.get,
  insert: table.insert,
  all: (db: Db): Stored<Filter>[] => table.select(db, 'ORDER BY rowid'),
  onTank: (db: Db, tankId: string): Stored<Filter>[] =>
    table.select(db, 'WHERE tank_id = ? ORDER BY rowid', tankId),

  /** A new filter, with its new tank or on one that is there; neither is kept without the other. */
  add: (db: Db, input: unknown): Stored<Filter> =>
    db
      .transaction(() => {
        const { tank, filter } = valid(
          z.object({ tank: z.unknown().optional(), filter: FilterSchema }),
          input,
        );
        if (tank === undefined) tanks.get(db, filter.tankId);
        else tanks.insert(db, tank);
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
        const open = packDocs.select(
          db,
          `WHERE filter_id = ? AND id IN (
             SELECT as_found_pack_id FROM job WHERE stage <> 'done'
             UNION SELECT planned_pack_id FROM job WHERE stage <> 'done'
             UNION SELECT value FROM job, json_each(job.doc, '$.alternativePackIds') WHERE stage <> 'done')`,
          filter.id,
        );
        const faults = open.flatMap(({ doc }) =>
          packFaults(filter, doc.layers).map(
            (fault) => `${fault} It is in the pack “${doc.name}”: move or remove the layer first.`,
          ),
        );
        if (faults.length > 0) throw new InvalidError(faults);
        return table.update(db, version, filter);
      })
      .immediate(),

  /** Removes a filter with its packs, jobs and log, and its tank when no other filter is on it. */
  remove: (db: Db, id: string): void => {
    db.transaction(() => {
      const { tankId } = table.get(db, id).doc;
      db.prepare('DELETE FROM log_entry WHERE filter_id = ?').run(id);
      db.prepare('DELETE FROM job WHERE filter_id = ?').run(id);
      const { changes } = db.prepare('DELETE FROM filter WHERE id = ?').run(id);
      if (changes === 0) throw new NotFoundError('filter');
      db.prepare(
        'DELETE FROM tank WHERE id = ? AND NOT EXISTS (SELECT 1 FROM filter WHERE tank_id = tank.id)',
      ).run(tankId);
    }).immediate();
  },
};
