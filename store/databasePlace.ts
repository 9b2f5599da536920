import { statSync } from 'node:fs';
import path from 'node:path';
import type Database from 'better-sqlite3';
import { StorageError } from './storageError';

type Db = Database.Database;

/** Where an open database lies, and which file it is there. */
interface Place {
  readonly file: string;
  readonly identity: string;
}

// One for the process: the build may load this module more than once.
const shared = globalThis as { neatLayerPlaces?: WeakMap<Db, Place> };
const places = (): WeakMap<Db, Place> => (shared.neatLayerPlaces ??= new WeakMap());

/** A file that was replaced has another number; one that is open keeps its own, even when it is deleted. */
function identityOf(file: string): string {
  const found = statSync(file, { bigint: true, throwIfNoEntry: false });
  return found === undefined ? 'none' : `${found.dev}:${found.ino}`;
}

/** Remembers which file a database that was just opened is. */
export function notePlace(db: Db): void {
  if (db.memory) return;
  const file = path.resolve(db.name);
  places().set(db, { file, identity: identityOf(file) });
}

/** @throws StorageError where the file of a database is no longer the one that was opened */
function checkPlace(db: Db): void {
  const place = places().get(db);
  if (place !== undefined && identityOf(place.file) !== place.identity)
    throw new StorageError('gone', place.file);
}

/**
 * Makes a change where the file of a database is still the one that was opened, before it and after it: what is written into
 * a file that was deleted or replaced is lost when the app stops, and must not be called saved.
 *
 * @throws StorageError, and what `act` throws
 */
export function inPlace<T>(db: Db, act: () => T): T {
  checkPlace(db);
  const made = act();
  checkPlace(db);
  return made;
}
