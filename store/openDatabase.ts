import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { DatabaseError } from './errors';

export type Db = Database.Database;

/** Milliseconds a write waits for another connection's write before it gives up. */
const BUSY_TIMEOUT = 5000;

/**
 * Opens the keeper's database, making the file and its folder when they are not there, and brings it up to date.
 * Write-ahead log and foreign keys are on.
 *
 * @throws DatabaseError when the file is no database, is damaged, or was written by a newer app
 */
export function openDatabase(file: string, migrationsFolder = defaultMigrations()): Db {
  if (file !== ':memory:') mkdirSync(path.dirname(path.resolve(file)), { recursive: true });
  let db: Db;
  try {
    db = new Database(file, { timeout: BUSY_TIMEOUT });
    db.pragma('journal_mode = WAL');
    db.pragma('foreign_keys = ON');
    const check = db.pragma('integrity_check', { simple: true });
    if (check !== 'ok') throw new Error(String(check));
  } catch (error) {
    throw new DatabaseError(
      `The database ${file} is damaged or is not a database (${error instanceof Error ? error.message : String(error)}). ` +
        'Nothing was changed. Put a backup in its place, or move the file away to start afresh.',
    );
  }
  migrate(db, migrationsFolder);
  return db;
}

// Relative to where the app is started: the scripts start it in the project's folder, and the build moves this file.
const defaultMigrations = (): string => path.join(process.cwd(), 'store', 'migrations');

/** Applies, in order and each in a transaction, the migrations that this database has not seen. */
function migrate(db: Db, folder: string): void {
  const names = readdirSync(folder)
    .filter((name) => name.endsWith('.sql'))
    .sort();
  const applied = Number(db.pragma('user_version', { simple: true }));
  if (applied > names.length) {
    db.close();
    throw new DatabaseError(
      'The database was written by a newer version of this app. Nothing was changed. Update the app, then start it again.',
    );
  }
  names.slice(applied).forEach((name, at) => {
    db.transaction(() => {
      db.exec(readFileSync(path.join(folder, name), 'utf8'));
      db.pragma(`user_version = ${applied + at + 1}`);
    }).immediate();
  });
}
