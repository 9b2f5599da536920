import { DATA_TABLES, storedColumns, type DataTable } from './dataTables';
import { DatabaseError, InvalidError, type DatabaseFault } from './errors';
import { holdings, type Holdings } from './holdings';
import { checkLength } from './log';
import { openDatabase, type Db } from './openDatabase';
import { checkFileSize } from './checkFileSize';

/** The message for a file that cannot be used. */
const FAULTS: Readonly<Record<DatabaseFault, string>> = {
  damaged:
    'The file is damaged or not complete. Nothing was changed. Get a new copy, or choose an older backup.',
  foreign: 'This is a database from another program. Nothing was changed. Choose a backup made by this app.',
  newer:
    'The file was written by a newer version of this app. Nothing was changed. Update the app, then try again.',
};

/** The same with what was found. */
const unusable = (fault: DatabaseFault): InvalidError => new InvalidError([FAULTS[fault]]);

/**
 * Tries a copy of a database that is to be brought in: it is opened, brought up to date, checked, and every document of
 * it read.
 *
 * @param like the open database, whose tables it must have
 * @throws InvalidError
 */
export function tryIncoming(like: Db, file: string): Holdings {
  let db: Db;
  try {
    db = openDatabase(file);
  } catch (error) {
    if (error instanceof DatabaseError) throw unusable(error.fault);
    throw error;
  }
  try {
    // What was made by hand with other tables, views or triggers is not copied from.
    if (schemaOf(db) !== schemaOf(like)) throw unusable('foreign');
    if ((db.pragma('foreign_key_check') as unknown[]).length > 0) throw unusable('damaged');
    return holdings(db);
  } finally {
    db.close();
  }
}

const schemaOf = (db: Db): string =>
  JSON.stringify(
    db
      .prepare(`SELECT type, name, sql FROM sqlite_schema WHERE name NOT LIKE 'sqlite_%' ORDER BY 1, 2`)
      .all(),
  );

/** What a database that was tried would add to the open one. */
export interface IncomingSummary {
  /** Names of filters that are not here, and of those that are. */
  readonly added: readonly string[];
  readonly known: readonly string[];
  /** Log entries of filters that are here, which are not. */
  readonly entries: number;
}

/** Filters that are not here. */
const NEW_FILTERS = 'SELECT id FROM incoming.filter WHERE id NOT IN (SELECT id FROM main.filter)';
/** Log entries of filters that are here already; a repack that is not here cannot be named. */
const NEW_ENTRIES = `filter_id IN (SELECT id FROM main.filter) AND id NOT IN (SELECT id FROM main.log_entry)
  AND (job_id IS NULL OR job_id IN (SELECT id FROM main.job))`;

/** Compares what was tried with what is here. */
export const whatIsNew = (db: Db, file: string): IncomingSummary =>
  withIncoming(db, file, () => {
    const names = (where: string): string[] =>
      db
        .prepare(
          `SELECT coalesce(json_extract(doc, '$.name'), id) FROM incoming.filter WHERE ${where} ORDER BY rowid`,
        )
        .pluck()
        .all() as string[];
    return {
      added: names(`id IN (${NEW_FILTERS})`),
      known: names(`id NOT IN (${NEW_FILTERS})`),
      entries: Number(
        db.prepare(`SELECT count(*) FROM incoming.log_entry WHERE ${NEW_ENTRIES}`).pluck().get(),
      ),
    };
  });

/**
 * Adds filters that are not here, with all that is theirs, and log entries that are missing in the logs of those that
 * are. Nothing that is here changes. All or nothing; done twice, the second time adds nothing.
 *
 * @throws InvalidError where an id is taken by something else, or a log would be too long
 */
export const addNew = (db: Db, file: string): IncomingSummary =>
  withIncoming(db, file, () => {
    const touched = db
      .prepare(
        `SELECT id FROM incoming.filter WHERE id IN (${NEW_FILTERS})
         UNION SELECT filter_id FROM incoming.log_entry WHERE ${NEW_ENTRIES}`,
      )
      .pluck()
      .all() as string[];
    const names = db
      .prepare(
        `SELECT coalesce(json_extract(doc, '$.name'), id) FROM incoming.filter WHERE id IN (${NEW_FILTERS})`,
      )
      .pluck()
      .all() as string[];
    const added = `IN (SELECT value FROM json_each(?))`;
    const newFilters = JSON.stringify(db.prepare(NEW_FILTERS).pluck().all());
    // First, since what is added afterwards counts as here.
    copy(
      db,
      'photo',
      `entry_id IN (SELECT id FROM incoming.log_entry WHERE ${NEW_ENTRIES})
       AND id NOT IN (SELECT id FROM main.photo)`,
    );
    const entries = copy(db, 'log_entry', NEW_ENTRIES);
    copy(
      db,
      'tank',
      `id IN (SELECT tank_id FROM incoming.filter WHERE id ${added}) AND id NOT IN (SELECT id FROM main.tank)`,
      [newFilters],
    );
    copy(db, 'filter', `id ${added}`, [newFilters]);
    for (const table of ['pack', 'job', 'log_entry'] as const)
      copy(db, table, `filter_id ${added}`, [newFilters]);
    copy(
      db,
      'photo',
      `job_id IN (SELECT id FROM incoming.job WHERE filter_id ${added}) OR filter_id ${added}`,
      [newFilters, newFilters],
    );
    touched.forEach((id) => {
      checkFileSize(db, id);
      checkLength(db, id);
    });
    return { added: names, known: [], entries };
  });

/**
 * Puts what was tried in the place of all that is here. All or nothing. Every document gets a version that none had
 * before, so that a page that was open before is asked and does not write over it.
 */
export function replaceAll(db: Db, file: string): void {
  withIncoming(db, file, () => {
    const versioned = DATA_TABLES.filter((table) => storedColumns(db, table).includes('version'));
    const raise = Math.max(
      0,
      ...versioned.map((table) =>
        Number(db.prepare(`SELECT coalesce(max(version), 0) FROM main.${table}`).pluck().get()),
      ),
    );
    DATA_TABLES.toReversed().forEach((table) => db.prepare(`DELETE FROM main.${table}`).run());
    db.prepare('DELETE FROM main.change').run();
    DATA_TABLES.forEach((table) => {
      copy(db, table, 'TRUE');
      if (versioned.includes(table)) db.prepare(`UPDATE main.${table} SET version = version + ?`).run(raise);
    });
  });
}

/** Copies rows of a table as they are, in their order; says how many. */
function copy(db: Db, table: DataTable, where: string, values: readonly string[] = []): number {
  const columns = storedColumns(db, table).join(', ');
  return db
    .prepare(
      `INSERT INTO main.${table} (${columns}) SELECT ${columns} FROM incoming.${table} WHERE ${where} ORDER BY rowid`,
    )
    .run(...values).changes;
}

/** Runs `act` in one transaction with a database that was tried beside the open one. */
function withIncoming<T>(db: Db, file: string, act: () => T): T {
  db.prepare('ATTACH ? AS incoming').run(file);
  try {
    return db.transaction(act).immediate();
  } catch (error) {
    if (error instanceof Error && 'code' in error && String(error.code).startsWith('SQLITE_CONSTRAINT'))
      throw new InvalidError([
        'Something in the file has the same id as something else here. Nothing was changed. Replace everything instead, or add the file to an empty app.',
      ]);
    throw error;
  } finally {
    db.exec('DETACH incoming');
  }
}
