import { randomUUID } from 'node:crypto';
import { createReadStream, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { writePortableBackup } from '@/store/backup';
import { exportContent } from '@/store/exportContent';
import { InvalidError } from '@/store/errors';
import { openDatabase, type Db } from '@/store/openDatabase';
import { exportText } from '@/formats/wholeExport';
import { dataFolder } from './dataFolder';

/** The names that copies get. */
const COPY_NAME = /^[0-9a-f-]{36}\.sqlite(-wal|-shm)?$/;

/** Most copies that go out at once: each takes as much of the disk as all there is. */
const MOST_COPIES = 2;

// The build may load this module more than once; the copies are those of the process.
const shared = globalThis as { neatLayerCopies?: Set<string> };

/**
 * A copy of the database as it is now, that lasts only until it has gone out.
 *
 * @throws InvalidError where as many go out as may
 */
function copyOf(db: Db): { readonly file: string; readonly drop: () => void } {
  const copies = (shared.neatLayerCopies ??= new Set());
  if (copies.size >= MOST_COPIES)
    throw new InvalidError([
      'Two copies of your data are going out already. Wait until they are saved, then try again.',
    ]);
  const file = path.join(dataFolder(), `${randomUUID()}.sqlite`);
  const drop = () => {
    copies.delete(file);
    ['', '-wal', '-shm'].forEach((ending) => rmSync(file + ending, { force: true }));
  };
  copies.add(file);
  try {
    writePortableBackup(db, file);
  } catch (error) {
    drop();
    throw error;
  }
  return { file, drop };
}

/** Removes copies that nobody reads any more, whatever became of their readers. */
export function dropLeftCopies(): void {
  const folder = dataFolder();
  const read = new Set([...(shared.neatLayerCopies ?? [])].map((file) => path.basename(file)));
  for (const name of readdirSync(folder))
    if (COPY_NAME.test(name) && !read.has(name.replace(/-(wal|shm)$/, '')))
      rmSync(path.join(folder, name), { force: true });
}

/** The whole database as a stream of bytes. */
export function backupStream(db: Db): ReadableStream<Uint8Array> {
  const { file, drop } = copyOf(db);
  const bytes = createReadStream(/* turbopackIgnore: true */ file);
  bytes.once('close', drop);
  return Readable.toWeb(bytes) as ReadableStream<Uint8Array>;
}

/** Characters that are gathered before they go out: a log entry alone is a few hundred. */
const PIECE = 256 * 1024;

/** Everything as the text of an export, of one moment, however long it takes to go out. */
export function exportStream(db: Db, now: string): ReadableStream<Uint8Array> {
  const { file, drop } = copyOf(db);
  function* bytes(): Generator<Uint8Array> {
    const copy = openDatabase(file);
    try {
      let piece = '';
      for (const text of exportText(exportContent(copy), now)) {
        piece += text;
        if (piece.length < PIECE) continue;
        yield Buffer.from(piece);
        piece = '';
      }
      yield Buffer.from(piece);
    } finally {
      copy.close();
    }
  }
  const out = Readable.from(bytes());
  // A generator that was never begun never ends either.
  out.once('close', drop);
  return Readable.toWeb(out) as ReadableStream<Uint8Array>;
}
