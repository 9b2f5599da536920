import { closeSync, openSync, rmSync } from 'node:fs';
import Database from 'better-sqlite3';

/** Copies the whole database, as it is at this moment, into a new file; where that fails, nothing is left of it. */
export function writeBackup(db: Database.Database, file: string): void {
  // Empty first: then it is readable to its owner alone from the first byte on.
  closeSync(openSync(file, 'wx', OWNER_ALONE));
  try {
    db.prepare('VACUUM INTO ?').run(file);
  } catch (error) {
    rmSync(file, { force: true });
    throw error;
  }
}

/** Rights of a file of the keeper’s data. */
export const OWNER_ALONE = 0o600;

/** What lets others in, or belongs to this computer alone. */
const KEPT_HERE = ['paired_device', 'calendar_feed', 'change'] as const;

/** A backup that may leave this computer: no paired devices, no secret of the calendar, no answers to changes. */
export function writePortableBackup(db: Database.Database, file: string): void {
  writeBackup(db, file);
  const copy = new Database(file);
  try {
    // Overwritten, not only taken off the list.
    copy.pragma('secure_delete = ON');
    copy.transaction(() => KEPT_HERE.forEach((table) => copy.prepare(`DELETE FROM ${table}`).run()))();
  } finally {
    copy.close();
  }
}
