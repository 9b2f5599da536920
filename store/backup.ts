import type Database from 'better-sqlite3';

/** Copies the whole database, as it is at this moment, into a new file. The app may go on meanwhile. */
export function writeBackup(db: Database.Database, file: string): void {
  db.prepare('VACUUM INTO ?').run(file);
}
