import path from 'node:path';

/** Why nothing can be written to the keeper’s database. */
export type StorageFault = 'full' | 'read-only file' | 'read-only folder' | 'locked' | 'gone';

/** What happened and what to do; `file` is the database. */
const WORDS: Readonly<Record<StorageFault, (file: string) => string>> = {
  full: () => 'The disk is full. Free some space on this computer. Saving then goes on by itself.',
  'read-only file': (file) =>
    `The app may not write to its database ${file}. Allow writing to this file. Saving then goes on by itself.`,
  'read-only folder': (file) =>
    `The app may not write to the folder ${path.dirname(file)}. Allow writing to it, and check that its disk is not write-protected.`,
  locked: (file) =>
    `Another program is using the database ${file}. Close that program. Saving then goes on by itself.`,
  gone: (file) =>
    `The database ${file} was moved, deleted or replaced while the app was running. Nothing is saved any more. Save everything to a new file under Settings. Then stop the app, put that file in its place and start the app again.`,
};

/** Nothing can be written. The message says why, and what to do. */
export class StorageError extends Error {
  constructor(
    readonly fault: StorageFault,
    file: string,
  ) {
    super(WORDS[fault](file));
  }
}

/** The result codes of SQLite and of the system, by how they begin; the more special ones first. */
const FAULTS: readonly (readonly [string, StorageFault])[] = [
  ['SQLITE_READONLY_DBMOVED', 'gone'],
  ['SQLITE_READONLY_DIRECTORY', 'read-only folder'],
  ['SQLITE_READONLY', 'read-only file'],
  ['SQLITE_CANTOPEN', 'read-only folder'],
  ['SQLITE_BUSY', 'locked'],
  ['SQLITE_LOCKED', 'locked'],
  ['SQLITE_FULL', 'full'],
  ['ENOSPC', 'full'],
  ['EDQUOT', 'full'],
  ['EROFS', 'read-only folder'],
  ['EACCES', 'read-only folder'],
  ['EPERM', 'read-only folder'],
];

/**
 * Why nothing could be written; null: something else went wrong.
 *
 * @source SQLite, Result and Error Codes; POSIX.1, errno.h
 */
export function storageFaultOf(error: unknown): StorageFault | null {
  if (error instanceof StorageError) return error.fault;
  if (!(error instanceof Error) || !('code' in error)) return null;
  const code = String(error.code);
  return FAULTS.find(([begin]) => code.startsWith(begin))?.[1] ?? null;
}
