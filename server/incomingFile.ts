import { randomUUID } from 'node:crypto';
import {
  appendFileSync,
  closeSync,
  createReadStream,
  openSync,
  readSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { LARGEST_INCOMING, LARGEST_INCOMING_WORDS } from '@/formats/fileLimits';
import { writeBackup } from '@/store/backup';
import { InvalidError, NotFoundError } from '@/store/errors';
import { freeName } from '@/store/freeName';
import type { Holdings } from '@/store/holdings';
import { addNew, replaceAll, tryIncoming, whatIsNew, type IncomingSummary } from '@/store/incoming';
import type { Db } from '@/store/openDatabase';
import { stageExport } from '@/store/stageExport';
import { dataFolder } from './dataFolder';
import { databaseFile } from './database';

/** A file on its way in: at most one, since it is put in the place of all there is. */
interface Incoming {
  readonly id: string;
  /** Bytes in all, and bytes that have arrived. */
  readonly size: number;
  arrived: number;
  /** What was found when it was tried; null: not tried yet. */
  said: IncomingSaid | null;
}

/** What a file holds, and what it would change. */
export interface IncomingSaid {
  readonly kind: 'backup' | 'export';
  readonly holdings: Holdings;
  readonly news: IncomingSummary;
  /** Of an export: what of it cannot be brought in. */
  readonly faults: readonly string[];
}

// The build may load this module more than once; the file is one for the process.
const shared = globalThis as { neatLayerIncoming?: Incoming | undefined };

const SQLITE_START = 'SQLite format 3\0';
// Named by its id: one that another tab has put its own in the place of may still be read and written to for a moment.
const uploadFile = (id: string): string => path.join(dataFolder(), `incoming-${id}`);
const stagedFile = (id: string): string => `${uploadFile(id)}.sqlite`;

const removeFiles = (id: string): void =>
  [uploadFile(id), ...['', '-wal', '-shm'].map((ending) => stagedFile(id) + ending)].forEach((file) =>
    rmSync(file, { force: true }),
  );

/** @throws NotFoundError where another file has taken its place, or the app was started anew */
function known(id: string): Incoming {
  if (shared.neatLayerIncoming?.id !== id) throw new NotFoundError('file');
  return shared.neatLayerIncoming;
}

/** Begins to take in a file of this size, in the place of any other. */
export function beginIncoming(size: unknown): { readonly id: string } {
  if (typeof size !== 'number' || !Number.isSafeInteger(size) || size < 0)
    throw new InvalidError(['size: the number of bytes is missing.']);
  if (size === 0) throw new InvalidError(['The file is empty. Choose another one.']);
  if (size > LARGEST_INCOMING)
    throw new InvalidError([
      `The file is larger than ${LARGEST_INCOMING_WORDS}, the largest this app can read.`,
    ]);
  if (shared.neatLayerIncoming !== undefined) removeFiles(shared.neatLayerIncoming.id);
  const id = randomUUID();
  writeFileSync(uploadFile(id), '');
  shared.neatLayerIncoming = { id, size, arrived: 0, said: null };
  return { id };
}

/**
 * Takes the next piece of it; one that is here already, because its answer was lost, is passed over.
 *
 * @param from where in the file it begins, bytes
 */
export function takePiece(id: string, from: number, bytes: Uint8Array): { readonly arrived: number } {
  const incoming = known(id);
  if (from === incoming.arrived && from + bytes.byteLength <= incoming.size) {
    appendFileSync(uploadFile(id), bytes);
    incoming.arrived += bytes.byteLength;
  } else if (!(from + bytes.byteLength <= incoming.arrived))
    throw new InvalidError(['A piece of the file is missing. Choose the file again.']);
  return { arrived: incoming.arrived };
}

/** Tries a file that has arrived: says what it holds and what it would change; nothing changes yet. */
export async function tryFile(db: Db, id: string): Promise<IncomingSaid> {
  const incoming = known(id);
  // Asked again because the answer was lost.
  if (incoming.said !== null) return incoming.said;
  if (incoming.arrived !== incoming.size)
    throw new InvalidError(['The file did not arrive complete. Choose it again.']);
  try {
    incoming.said = await lookInto(db, id);
  } catch (error) {
    // What cannot be used is not kept; another tab may have put its own file in its place meanwhile, and says so.
    removeFiles(id);
    known(id);
    shared.neatLayerIncoming = undefined;
    throw error;
  }
  return incoming.said;
}

async function lookInto(db: Db, id: string): Promise<IncomingSaid> {
  const [upload, staged] = [uploadFile(id), stagedFile(id)];
  const isDatabase = startOf(upload) === SQLITE_START;
  let faults: readonly string[] = [];
  if (isDatabase) renameSync(upload, staged);
  else faults = await stageExport(() => createReadStream(/* turbopackIgnore: true */ upload), staged);
  known(id);
  return {
    kind: isDatabase ? 'backup' : 'export',
    holdings: tryIncoming(db, staged),
    news: whatIsNew(db, staged),
    faults,
  };
}

/** What was done, and the file in which everything lies as it was before, where it was replaced. */
export interface IncomingDone {
  readonly news: IncomingSummary | null;
  readonly before: string | null;
}

/**
 * Brings in a file that was tried: adds what is new, or puts it in the place of everything; of that a copy is kept
 * beside the database first.
 */
export function bringIn(db: Db, id: string, how: unknown): IncomingDone {
  if (known(id).said === null)
    throw new InvalidError(['The file has not been checked yet. Choose it again.']);
  if (how === 'add') {
    const news = addNew(db, stagedFile(id));
    dropIncoming(id);
    return { news, before: null };
  }
  if (how !== 'replace') throw new InvalidError(['how: say “add” or “replace”.']);
  const file = databaseFile();
  const before = file === ':memory:' ? null : freeName(file, 'before-restore');
  if (before !== null) writeBackup(db, before);
  replaceAll(db, stagedFile(id));
  dropIncoming(id);
  return { news: null, before };
}

/** Forgets a file on its way in. */
export function dropIncoming(id: string): void {
  known(id);
  removeFiles(id);
  shared.neatLayerIncoming = undefined;
}

function startOf(file: string): string {
  const bytes = Buffer.alloc(SQLITE_START.length);
  const handle = openSync(file, 'r');
  const length = readSync(handle, bytes, 0, bytes.length, 0);
  closeSync(handle);
  return bytes.toString('latin1', 0, length);
}
