import { copyFileSync, mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { newTank } from '@/core/tank/newTank';
import type { Db } from '@/store/openDatabase';
import { tanks } from '@/store/tanks';
import { answer, change, CHANGE_ID, noBody, type RequestRefusal } from './answer';
import { database } from './database';
import { backupStream } from './passingCopy';

vi.mock('./outlookWork', () => ({ wakeOutlooks: () => undefined }));

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'neat-'));
  file = path.join(folder, 'own.sqlite');
  vi.stubEnv('NEAT_DB', file);
});
afterEach(() => {
  const shared = globalThis as { neatLayerDatabase?: Db };
  shared.neatLayerDatabase?.close();
  delete shared.neatLayerDatabase;
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true });
});

/** A keeper’s change: a tank of this id. */
const addTank = (id: string): Promise<Response> =>
  change(
    new Request('http://localhost/api/tanks', { method: 'POST', headers: { [CHANGE_ID]: `change-${id}-1` } }),
    noBody,
    (db) => tanks.insert(db, newTank(id, 'Tank', 0.1)),
  );
const refusalOf = async (id: string): Promise<RequestRefusal & { status: number }> => {
  const response = await addTank(id);
  return { status: response.status, ...((await response.json()) as RequestRefusal) };
};

describe('a change that cannot be written', () => {
  it('says that the disk is full, leaves nothing, and is stored once there is room', async () => {
    const db = database();
    // As a full disk does, SQLite adds no page to the file.
    db.pragma(`max_page_count = ${Number(db.pragma('page_count', { simple: true }))}`);
    const fill = () => {
      for (let index = 0; index < 100; index += 1) tanks.insert(db, newTank(`f${index}`, 'Tank', 0.1));
    };
    expect(fill).toThrow(/full/);
    let said = await refusalOf('a');
    for (let index = 0; index < 100 && said.status !== 503; index += 1) said = await refusalOf(`b${index}`);
    expect(said).toMatchObject({ status: 503, fault: 'full' });
    expect(said.message).toMatch(/^The disk is full\. Free some space/);
    db.pragma('max_page_count = 1000000');
    expect((await addTank('c')).status).toBe(200);
  });

  it('says that the file is read-only', async () => {
    const db = database();
    db.pragma('query_only = ON');
    expect(await refusalOf('a')).toMatchObject({
      status: 503,
      fault: 'read-only file',
      message: `The app may not write to its database ${file}. Allow writing to this file. Saving then goes on by itself.`,
    });
    db.pragma('query_only = OFF');
    expect((await addTank('a')).status).toBe(200);
  });

  it('waits for another program, while others are answered, and goes on once it has written', async () => {
    database();
    const other = new Database(file);
    other.exec('BEGIN IMMEDIATE');
    const waiting = addTank('a');
    expect((await answer((db) => ({ tank: tanks.find(db, 'a') }))).status).toBe(200);
    other.exec('ROLLBACK');
    expect((await waiting).status).toBe(200);
    other.exec('BEGIN IMMEDIATE');
    expect(await refusalOf('b')).toMatchObject({ status: 503, fault: 'locked' });
    expect(tanks.find(database(), 'b')).toBeNull();
    other.exec('ROLLBACK');
    other.close();
    expect((await addTank('b')).status).toBe(200);
  });

  it.each([
    ['deleted', () => rmSync(file)],
    ['moved away', () => renameSync(file, `${file}.moved`)],
    [
      'replaced',
      () => {
        copyFileSync(file, `${file}.other`);
        renameSync(`${file}.other`, file);
      },
    ],
  ])('is not acknowledged where the file was %s; all that was can be saved to a new one', async (_, take) => {
    const db = database();
    expect((await addTank('a')).status).toBe(200);
    take();
    expect(await refusalOf('b')).toMatchObject({ status: 503, fault: 'gone' });
    expect(tanks.find(db, 'b')).toBeNull();

    const saved = path.join(folder, 'saved.sqlite');
    writeFileSync(saved, Buffer.from(await new Response(backupStream(db)).arrayBuffer()));
    const copy = new Database(saved, { readonly: true });
    expect(copy.prepare('SELECT id FROM tank').pluck().all()).toEqual(['a']);
    copy.close();
  });

  it('goes on where the file is put back', async () => {
    database();
    renameSync(file, `${file}.moved`);
    expect((await addTank('a')).status).toBe(503);
    renameSync(`${file}.moved`, file);
    expect((await addTank('a')).status).toBe(200);
  });
});
