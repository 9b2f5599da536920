import {
  chmodSync,
  closeSync,
  existsSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  readSync,
} from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { OWNER_ALONE, writeBackup } from './backup';
import { notePlace } from './databasePlace';
import { DatabaseError } from './errors';
import { freeName } from './freeName';
import { StorageError, storageFaultOf } from './storageError';

export type Db = Database.Database;

/** Milliseconds that opening waits for another connection's write before it gives up. */
const BUSY_TIMEOUT = 2000;

/** Marks a database file as this app's own, "NEAT"; the fourth migration writes it. */
export const APPLICATION_ID = 0x4e454154;
/** Migrations that a database may have seen before it was marked, and the tables that the first of them made. */
const MAX_UNMARKED_MIGRATIONS = 3;
const FIRST_TABLES = ['tank', 'filter', 'pack', 'job', 'log_entry'] as const;

/** Where SQLite's file header keeps two numbers, bytes (sqlite.org, database file format, 1.3). */
const HEADER = { length: 100, start: 'SQLite format 3\0', userVersion: 60, applicationId: 68 } as const;

/**
 * Opens the keeper's database, making the file and its folder when they are not there, and brings it up to date; a
 * copy as it was is kept beside it first. Write-ahead log and foreign keys are on.
 *
 * @throws DatabaseError when the file is no database, is damaged, belongs to another program, or was written by a
 *   newer app; the file is left as it is, byte for byte
 * @throws StorageError when it cannot be written to
 */
export function openDatabase(file: string, migrationsFolder = defaultMigrations()): Db {
  const migrations = readdirSync(/* turbopackIgnore: true */ migrationsFolder)
    .filter((name) => name.endsWith('.sql'))
    .sort();
  let db: Db | null = null;
  try {
    if (file !== ':memory:') {
      mkdirSync(path.dirname(path.resolve(file)), { recursive: true });
      checkHeader(file, migrations.length);
    }
    db = openChecked(file, migrations.length);
    migrate(db, file, migrationsFolder, migrations);
    notePlace(db);
    return db;
  } catch (error) {
    db?.close();
    const fault = storageFaultOf(error);
    throw fault === null ? error : new StorageError(fault, path.resolve(file));
  }
}

/** @param known migrations that this app has */
function openChecked(file: string, known: number): Db {
  let db: Db | null = null;
  try {
    db = new Database(file, { timeout: BUSY_TIMEOUT });
    // The header may lag behind the write-ahead log, so the numbers are asked once more before anything is written.
    checkOwn(file, marksOf(db), known);
    const check = db.pragma('integrity_check', { simple: true });
    if (check !== 'ok') throw new Error(String(check));
    ownerAlone(file);
    db.pragma('journal_mode = WAL');
    db.pragma('foreign_keys = ON');
    return db;
  } catch (error) {
    db?.close();
    if (error instanceof DatabaseError || storageFaultOf(error) !== null) throw error;
    throw damaged(file, error instanceof Error ? error.message : String(error));
  }
}

// Relative to where the app is started: the scripts start it in the project's folder, and the build moves this file.
const defaultMigrations = (): string => path.join(process.cwd(), 'store', 'migrations');

const seen = (db: Db): number => Number(db.pragma('user_version', { simple: true }));

const damaged = (file: string, why: string): DatabaseError =>
  new DatabaseError(
    `The database ${file} is damaged or is not a database (${why}). ` +
      'Nothing was changed. Put a backup in its place, or move the file away to start with an empty app.',
    'damaged',
  );

/** Looks at a file without opening it as a database, which could already change it. */
function checkHeader(file: string, known: number): void {
  if (!existsSync(file)) return;
  const header = Buffer.alloc(HEADER.length);
  const handle = openSync(file, 'r');
  const length = readSync(handle, header, 0, HEADER.length, 0);
  closeSync(handle);
  if (length === 0) return;
  if (length < HEADER.length || header.toString('latin1', 0, HEADER.start.length) !== HEADER.start)
    throw damaged(file, 'file is not a database');
  const applicationId = header.readInt32BE(HEADER.applicationId);
  const version = header.readInt32BE(HEADER.userVersion);
  // Without a mark it may be new, of before there was one, or have all it holds in its write-ahead log: only then it is
  // opened to be looked at, and for reading alone.
  const isUnmarked = applicationId === 0 && version <= MAX_UNMARKED_MIGRATIONS;
  checkOwn(file, isUnmarked ? lookInto(file) : { applicationId, version, tables: [] }, known);
}

/** What a database says of itself. */
interface Marks {
  readonly applicationId: number;
  /** Migrations it has seen. */
  readonly version: number;
  /** What is in it, by name. */
  readonly tables: readonly string[];
}

const marksOf = (db: Db): Marks => ({
  applicationId: Number(db.pragma('application_id', { simple: true })),
  version: seen(db),
  tables: db.prepare('SELECT name FROM sqlite_schema').pluck().all() as string[],
});

function lookInto(file: string): Marks {
  let db: Db | null = null;
  try {
    db = new Database(file, { readonly: true });
    return marksOf(db);
  } catch (error) {
    throw storageFaultOf(error) === 'locked'
      ? error
      : damaged(file, error instanceof Error ? error.message : String(error));
  } finally {
    db?.close();
  }
}

/** @throws DatabaseError where a database is not this app's, or a newer app's */
function checkOwn(file: string, { applicationId, version, tables }: Marks, known: number): void {
  const isOwn =
    applicationId === APPLICATION_ID ||
    (applicationId === 0 &&
      (version === 0
        ? tables.length === 0
        : version <= MAX_UNMARKED_MIGRATIONS && FIRST_TABLES.every((table) => tables.includes(table))));
  if (!isOwn)
    throw new DatabaseError(
      `The database ${file} belongs to another program. Nothing was changed. Name another file for this app, or move this one away.`,
      'foreign',
    );
  if (version > known)
    throw new DatabaseError(
      'The database was written by a newer version of this app. Nothing was changed. Update the app, then start it again.',
      'newer',
    );
}

/** Lets nobody else of this computer read a database; what SQLite puts beside it gets the same rights. */
function ownerAlone(file: string): void {
  if (file === ':memory:') return;
  try {
    chmodSync(file, OWNER_ALONE);
  } catch {
    // Another owner, or a file system without rights: then they are as they are.
  }
}

/** Applies, in order and each in a transaction, the migrations that this database has not seen. */
function migrate(db: Db, file: string, folder: string, names: readonly string[]): void {
  const applied = seen(db);
  if (applied === names.length) return;
  if (applied > 0 && file !== ':memory:') writeBackup(db, freeName(file, `before-update-${applied}`));
  names.slice(applied).forEach((name, index) => {
    const step = db.transaction(() => {
      // Another process may have opened the same file at the same time, and been first.
      if (seen(db) > applied + index) return;
      db.exec(readFileSync(path.join(folder, name), 'utf8'));
      db.pragma(`user_version = ${applied + index + 1}`);
    });
    try {
      step.immediate();
    } catch (error) {
      // It does not hold what its number says: the number is wrong.
      if (storageFaultOf(error) !== null) throw error;
      throw damaged(file, error instanceof Error ? error.message : String(error));
    }
  });
}
