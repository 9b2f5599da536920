import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { writeBackup, writePortableBackup } from './backup';
import { calendarFeed } from './calendarFeed';
import { devices } from './devices';
import { openDatabase, type Db } from './openDatabase';
import { secretHash } from './secret';

const NOW = '2026-11-27T10:00:00.000Z';

let folder: string;
let db: Db;
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'neat-'));
  db = openDatabase(path.join(folder, 'own.sqlite'));
});
afterEach(() => {
  db.close();
  rmSync(folder, { recursive: true });
});

/** Pairs a device and opens the calendar; their secrets. */
function letIn(): string[] {
  const paired = devices.pair(db, devices.newCode(db, NOW).code, 'Blue phone', NOW);
  if (paired.kind !== 'paired') throw new Error(paired.kind);
  return [paired.secret, calendarFeed.make(db, NOW)];
}

describe('a backup', () => {
  it('that may leave this computer lets nobody in, and holds nothing of who was let in', () => {
    const secrets = letIn();
    const file = path.join(folder, 'out.sqlite');
    writePortableBackup(db, file);
    const bytes = readFileSync(file).toString('latin1');
    for (const hidden of ['Blue phone', ...secrets.map(secretHash)]) expect(bytes).not.toContain(hidden);
    const copy = openDatabase(file);
    expect(devices.list(copy)).toEqual([]);
    for (const secret of secrets) expect(devices.isPaired(copy, secret, NOW)).toBe(false);
    copy.close();
    expect(devices.list(db)).toHaveLength(1);
  });

  it('that stays here keeps them', () => {
    letIn();
    const file = path.join(folder, 'before.sqlite');
    writeBackup(db, file);
    const copy = openDatabase(file);
    expect(devices.list(copy)).toHaveLength(1);
    copy.close();
  });

  it('is for its owner alone, as the database and what lies beside it', () => {
    letIn();
    const file = path.join(folder, 'out.sqlite');
    writePortableBackup(db, file);
    for (const name of [file, path.join(folder, 'own.sqlite'), path.join(folder, 'own.sqlite-wal')])
      expect(statSync(name).mode & 0o777, name).toBe(0o600);
    // Never over a file that is there.
    expect(() => writeBackup(db, file)).toThrow();
  });
});
