import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openDatabase, type Db } from '@/store/openDatabase';
import { backupStream, dropLeftCopies, exportStream } from './passingCopy';

let folder: string;
let db: Db;
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'neat-'));
  vi.stubEnv('NEAT_DB', path.join(folder, 'own.sqlite'));
  db = openDatabase(path.join(folder, 'own.sqlite'));
});
afterEach(() => {
  db.close();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true });
});

const NOW = '2026-11-25T12:00:00Z';
const passing = (): string[] => readdirSync(path.join(folder, 'neat-layer-passing'));

describe('copies that go out', () => {
  it.each([
    ['backup', () => backupStream(db)],
    ['export', () => exportStream(db, NOW)],
  ] as const)(
    'a %s leaves nothing when its reader goes, before the first byte or after it',
    async (_, out) => {
      await out().cancel();
      await vi.waitFor(() => expect(passing()).toEqual([]));
      const stream = out();
      const reader = stream.getReader();
      await reader.read();
      await reader.cancel();
      await vi.waitFor(() => expect(passing()).toEqual([]));
    },
  );

  it('are two at most at once, and a third when one has gone', async () => {
    const [first, second] = [backupStream(db), exportStream(db, NOW)];
    expect(() => backupStream(db)).toThrow(/two copies/i);
    await Promise.all([first.cancel(), second.cancel()]);
    await vi.waitFor(() => expect(passing()).toEqual([]));
    await backupStream(db).cancel();
  });

  it('that nobody reads are removed, and those that go out and files that come in are not', async () => {
    const stream = backupStream(db);
    const [mine] = passing();
    const left = '0f8fad5b-d9cb-469f-a165-70867728950e.sqlite';
    for (const name of [left, `${left}-wal`, 'incoming-1'])
      writeFileSync(path.join(folder, 'neat-layer-passing', name), '');
    dropLeftCopies();
    expect(passing().toSorted()).toEqual([mine, 'incoming-1'].toSorted());
    await stream.cancel();
  });
});
