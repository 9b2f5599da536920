import { randomUUID } from 'node:crypto';
import { createReadStream, rmSync } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { writeBackup } from '@/store/backup';
import { exportContent } from '@/store/exportContent';
import { openDatabase, type Db } from '@/store/openDatabase';
import { exportText } from '@/formats/wholeExport';
import { dataFolder } from './dataFolder';

/** A copy of the database as it is now, that lasts only until it has gone out. */
function copyOf(db: Db): { readonly file: string; readonly drop: () => void } {
  const file = path.join(dataFolder(), `${randomUUID()}.sqlite`);
  writeBackup(db, file);
  return {
    file,
    drop: () => ['', '-wal', '-shm'].forEach((ending) => rmSync(file + ending, { force: true })),
  };
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
      drop();
    }
  }
  return Readable.toWeb(Readable.from(bytes())) as ReadableStream<Uint8Array>;
}
