import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { newTank } from '@/core/tank/newTank';
import { filters } from '@/store/filters';
import { openDatabase, type Db } from '@/store/openDatabase';
import { beginIncoming, bringIn, dropIncoming, takePiece, tryFile } from './incomingFile';
import { backupStream, exportStream } from './passingCopy';

const PIECE = 5000;

let folder: string;
let db: Db;
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'neat-'));
  vi.stubEnv('NEAT_DB', path.join(folder, 'own.sqlite'));
  db = openDatabase(path.join(folder, 'own.sqlite'));
  filters.add(db, {
    tank: newTank('t', 'Tank', 0.1),
    filter: presetFilter('internal-sponge', { id: 'f', tankId: 't' }, 'Sponge'),
  });
});
afterEach(() => {
  db.close();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true });
});

const bytesOf = async (stream: ReadableStream<Uint8Array>): Promise<Uint8Array> =>
  new Uint8Array(await new Response(stream).arrayBuffer());

/** Sends bytes as a page does. */
function sent(bytes: Uint8Array): string {
  const { id } = beginIncoming(bytes.length);
  for (let from = 0; from < bytes.length; from += PIECE) takePiece(id, from, bytes.slice(from, from + PIECE));
  return id;
}

describe('a file on its way in', () => {
  it.each([
    ['backup', () => backupStream(db)],
    ['export', () => exportStream(db, '2026-11-25T12:00:00Z')],
  ] as const)('a %s goes out and comes in again, and what was there before is kept', async (kind, out) => {
    const bytes = await bytesOf(out());
    const id = sent(bytes);
    filters.remove(db, 'f');
    expect(await tryFile(db, id)).toMatchObject({ kind, faults: [], news: { added: ['Sponge'] } });
    const { before } = bringIn(db, id, 'replace');
    expect(filters.get(db, 'f').doc.name).toBe('Sponge');
    expect(readFileSync(before ?? '').length).toBeGreaterThan(0);
    // Nothing stays of what has passed.
    expect(readdirSync(path.join(folder, 'neat-layer-passing'))).toEqual([]);
    expect(() => bringIn(db, id, 'add')).toThrow(/no longer exists/);
  });

  it('a piece that comes twice is taken once, one that is missing is asked for', async () => {
    const bytes = await bytesOf(backupStream(db));
    const { id } = beginIncoming(bytes.length);
    takePiece(id, 0, bytes.slice(0, PIECE));
    expect(takePiece(id, 0, bytes.slice(0, PIECE))).toEqual({ arrived: PIECE });
    expect(() => takePiece(id, 2 * PIECE, bytes.slice(2 * PIECE, 3 * PIECE))).toThrow(/piece .* is missing/);
    await expect(tryFile(db, id)).rejects.toThrow(/did not arrive complete/);
    takePiece(id, PIECE, bytes.slice(PIECE));
    expect((await tryFile(db, id)).holdings.filters).toEqual(['Sponge']);
    // Asked again because the answer was lost.
    expect((await tryFile(db, id)).holdings.filters).toEqual(['Sponge']);
  });

  it('is refused when it is empty or larger than is taken in, and never brought in untried', async () => {
    expect(() => beginIncoming(0)).toThrow(/empty/);
    expect(() => beginIncoming(2 ** 40)).toThrow(/4 GB/);
    expect(() => beginIncoming('many')).toThrow(/number of bytes/);
    const id = sent(await bytesOf(backupStream(db)));
    expect(() => bringIn(db, id, 'replace')).toThrow(/not been checked/);
    dropIncoming(id);
    expect(readdirSync(path.join(folder, 'neat-layer-passing'))).toEqual([]);
  });

  it('that cannot be used is not kept, and says so when it is asked for again', async () => {
    const id = sent(new TextEncoder().encode('date;flow'));
    await expect(tryFile(db, id)).rejects.toThrow(/not complete/);
    await expect(tryFile(db, id)).rejects.toThrow(/no longer exists/);
    // Another tab’s file takes its place.
    const first = sent(await bytesOf(backupStream(db)));
    beginIncoming(10);
    await expect(tryFile(db, first)).rejects.toThrow(/no longer exists/);
  });

  it('gives way to that of another tab, also while it is being tried: the other comes in whole', async () => {
    const bytes = await bytesOf(exportStream(db, '2026-11-25T12:00:00Z'));
    const first = sent(bytes);
    // Reading and staging an export takes turns with other requests.
    const trying = tryFile(db, first);
    const second = sent(bytes);
    await Promise.all([
      expect(trying).rejects.toThrow(/no longer exists/),
      expect(tryFile(db, second)).resolves.toMatchObject({ holdings: { filters: ['Sponge'] } }),
    ]);
    expect(() => bringIn(db, first, 'replace')).toThrow(/no longer exists/);
    filters.remove(db, 'f');
    bringIn(db, second, 'replace');
    expect(filters.get(db, 'f').doc.name).toBe('Sponge');
    expect(readdirSync(path.join(folder, 'neat-layer-passing'))).toEqual([]);
  });
});
