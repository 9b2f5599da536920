import { DATA_TABLES, type DataTable } from './dataTables';
import type { Db } from './openDatabase';
import { allTroubles } from './unreadable';

/** What a database holds. */
export interface Holdings {
  /** Names of its filters, in the order they were made; of one that cannot be read, what stands in its text. */
  readonly filters: readonly string[];
  readonly counts: Readonly<Record<DataTable, number>>;
  /** Documents that cannot be read as they are. */
  readonly unreadable: number;
}

/** Counts what a database holds, and reads every document of it once. */
export function holdings(db: Db): Holdings {
  const count = (table: DataTable): number =>
    Number(db.prepare(`SELECT count(*) FROM ${table}`).pluck().get());
  return {
    filters: db
      .prepare(`SELECT coalesce(json_extract(doc, '$.name'), id) FROM filter ORDER BY rowid`)
      .pluck()
      .all() as string[],
    counts: Object.fromEntries(DATA_TABLES.map((table) => [table, count(table)])) as Record<
      DataTable,
      number
    >,
    unreadable: allTroubles(db).length,
  };
}
