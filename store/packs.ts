import { PackSchema, packFaults, type Pack } from '@/core/pack/pack';
import { documentTable, valid, type Stored } from './documentTable';
import { InvalidError } from './errors';
import { filters } from './filters';
import type { Db } from './openDatabase';

const table = documentTable('pack', PackSchema);

export const packs = {
  find: table.find,
  get: table.get,
  ofFilter: (db: Db, filterId: string): Stored<Pack>[] =>
    table.select(db, 'WHERE filter_id = ? ORDER BY rowid', filterId),

  /** Adds a pack whose layers fit its filter. */
  insert: (db: Db, input: unknown): Stored<Pack> => {
    const pack = valid(PackSchema, input);
    checkLayers(db, pack);
    return table.insert(db, pack);
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
          throw new InvalidError(['What was packed is a record and is not changed afterwards.']);
        checkLayers(db, pack);
        return table.update(db, version, pack);
      })
      .immediate(),
};

function checkLayers(db: Db, pack: Pack): void {
  const faults = packFaults(filters.get(db, pack.filterId).doc, pack.layers);
  if (faults.length > 0) throw new InvalidError(faults);
}
