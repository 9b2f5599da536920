import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { newTank } from '@/core/tank/newTank';
import { presetFilter } from '@/core/filter/presetFilter';
import { filters } from './filters';
import { openDatabase, type Db } from './openDatabase';
import { whileUnchanged } from './whileUnchanged';

let folder: string;
let db: Db;
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'neat-'));
  db = openDatabase(path.join(folder, 'a.sqlite'));
});
afterEach(() => {
  db.close();
  rmSync(folder, { recursive: true });
});

const add = (to: Db, id: string) =>
  filters.add(to, {
    tank: newTank(`t${id}`, 'Tank', 0.1),
    filter: presetFilter('internal-sponge', { id, tankId: `t${id}` }, id),
  });

describe('whileUnchanged', () => {
  it('reads once, and again after a change by this connection or by another', () => {
    let reads = 0;
    const count = () =>
      whileUnchanged(db, 'count', () => {
        reads += 1;
        return db.prepare('SELECT count(*) FROM filter').pluck().get();
      });
    expect([count(), count(), reads]).toEqual([0, 0, 1]);
    add(db, 'a');
    expect([count(), count(), reads]).toEqual([1, 1, 2]);
    const other = openDatabase(path.join(folder, 'a.sqlite'));
    add(other, 'b');
    other.close();
    expect([count(), count(), reads]).toEqual([2, 2, 3]);
    expect(whileUnchanged(db, 'else', () => 'other')).toBe('other');
    expect(reads).toBe(3);
  });

  it('counts what a transaction wrote before it ends', () => {
    const count = () =>
      whileUnchanged(db, 'count', () => db.prepare('SELECT count(*) FROM tank').pluck().get());
    count();
    db.transaction(() => {
      add(db, 'a');
      expect(count()).toBe(1);
    })();
    expect(count()).toBe(1);
  });
});
