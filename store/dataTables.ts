import type { Db } from './openDatabase';

/**
 * The tables of what a keeper entered, those that others refer to first. What is worked out from them, the devices of
 * this machine and the answers to changes are not among them.
 */
export const DATA_TABLES = [
  'tank',
  'filter',
  'pack',
  'job',
  'log_entry',
  'photo',
  'settings',
  'shelf',
] as const;
export type DataTable = (typeof DATA_TABLES)[number];

/** The columns of a table that are stored; those that are generated from them are left out. */
export const storedColumns = (db: Db, table: DataTable): readonly string[] =>
  db.prepare('SELECT name FROM pragma_table_xinfo(?) WHERE hidden = 0').pluck().all(table) as string[];
