import {
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { newTank } from '@/core/tank/newTank';
import { SCHEMA_VERSION } from '@/formats/documents/kinds';
import { DatabaseError } from './errors';
import { readFilterContent } from './filterFiles';
import { filters } from './filters';
import { APPLICATION_ID, openDatabase } from './openDatabase';
import { packs } from './packs';
import { photos } from './photos';

const MIGRATIONS = path.join(process.cwd(), 'store', 'migrations');
const tank = newTank('t', 'Tank', 0.064);
const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Filter');

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'neat-'));
  file = path.join(folder, 'a.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true }));

/** A migrations folder with the first few of today's. */
function firstMigrations(count: number): string {
  const some = path.join(folder, `migrations-${count}`);
  mkdirSync(some);
  for (const name of readdirSync(MIGRATIONS).sort().slice(0, count))
    copyFileSync(path.join(MIGRATIONS, name), path.join(some, name));
  return some;
}

/** The database as the app left it before documents carried their schema version, with the rows of that time. */
function databaseOfThree(): void {
  const db = openDatabase(file, firstMigrations(3));
  const content = JSON.parse(readFileSync('formats/documents/fixtures/v1.neatlayer.json', 'utf8')) as Record<
    string,
    { id: string }[]
  > & { tank: { id: string }; filter: { id: string } };
  const put = (table: string, doc: { id: string }): void =>
    void db
      .prepare(`INSERT INTO ${table} (id, version, updated_at, doc) VALUES (?, 3, '2026-01-01T00:00:00Z', ?)`)
      .run(doc.id, JSON.stringify(doc));
  put('tank', content.tank);
  put('filter', content.filter);
  content.packs?.forEach((pack) => put('pack', pack));
  content.jobs?.forEach((job) => put('job', job));
  db.prepare(
    `INSERT INTO photo (id, job_id, layer_id, taken_at, width, height, jpeg) VALUES ('p', ?, 'l', '2026-01-01T00:00:00Z', 4, 3, x'ffd8ff')`,
  ).run(content.jobs?.[0]?.id);
  content.log?.forEach((entry) =>
    db.prepare('INSERT INTO log_entry (id, doc) VALUES (?, ?)').run(entry.id, JSON.stringify(entry)),
  );
  db.close();
}

describe('a database file', () => {
  it('survives a restart, with write-ahead log, foreign keys and its mark', () => {
    const deep = path.join(folder, 'sub', 'a.sqlite');
    const first = openDatabase(deep);
    filters.add(first, { tank, filter });
    first.close();
    const second = openDatabase(deep);
    expect(filters.get(second, 'f').doc).toEqual(filter);
    expect(second.pragma('journal_mode', { simple: true })).toBe('wal');
    expect(second.pragma('foreign_keys', { simple: true })).toBe(1);
    expect(second.pragma('application_id', { simple: true })).toBe(APPLICATION_ID);
    expect(() => second.prepare('DELETE FROM tank').run()).toThrow(/FOREIGN KEY/);
    second.close();
  });

  it('of before schema versions is brought up to date, its documents are read, and a copy stays beside it', () => {
    databaseOfThree();
    const db = openDatabase(file);
    const content = readFilterContent(db, 'window-sill');
    expect(content.jobs.at(-1)?.stage).toBe('done');
    expect(content.packs[0]?.layers[0]).toMatchObject({ compressionRatio: 1, treatment: null });
    expect(content.log.length).toBeGreaterThan(1);
    const jobId = content.jobs[0]?.id ?? '';
    expect(photos.ofJob(db, jobId)).toMatchObject([{ id: 'p', jobId, layerId: 'l', entryId: null }]);
    expect([...photos.jpeg(db, 'p')]).toEqual([0xff, 0xd8, 0xff]);
    // What is saved again carries today's version; what is not stays as it was.
    const [first] = content.packs.filter(({ role }) => role === 'planned');
    if (first === undefined) throw new Error('There is no plan.');
    packs.update(db, 3, first);
    const versions = db.prepare('SELECT DISTINCT schema_version FROM pack ORDER BY 1').pluck().all();
    expect(versions).toEqual([1, SCHEMA_VERSION]);
    db.close();

    const copy = new Database(path.join(folder, 'a.before-update-3.sqlite'), { readonly: true });
    expect(copy.pragma('user_version', { simple: true })).toBe(3);
    expect(copy.prepare('SELECT count(*) FROM pack').pluck().get()).toBe(content.packs.length);
    copy.close();
  });

  it('that another process has just made and not filled yet is taken as new', () => {
    const other = new Database(file);
    other.pragma('journal_mode = WAL');
    const db = openDatabase(file);
    filters.add(db, { tank, filter });
    db.close();
    other.close();
  });

  it('whose every page is still in its write-ahead log is known as this app’s own', () => {
    const db = openDatabase(file);
    filters.add(db, { tank, filter });
    // As a process that is killed leaves it: the file itself has not been written to yet.
    const killed = path.join(folder, 'killed');
    mkdirSync(killed);
    for (const ending of ['', '-wal']) copyFileSync(file + ending, path.join(killed, `a.sqlite${ending}`));
    db.close();
    const again = openDatabase(path.join(killed, 'a.sqlite'));
    expect(filters.get(again, 'f').doc.name).toBe('Filter');
    again.close();
  });

  it.each([0, 2])(
    'whose number was damaged to %i is refused with what to do, and keeps what it holds',
    (number) => {
      const db = openDatabase(file);
      filters.add(db, { tank, filter });
      db.pragma(`user_version = ${number}`);
      db.close();
      expect(() => openDatabase(file)).toThrow(/is damaged .*already exists.*Put a backup in its place/);
      const left = new Database(file);
      expect(left.pragma('user_version', { simple: true })).toBe(number);
      expect(left.prepare('SELECT id FROM filter').pluck().all()).toEqual(['f']);
      left.close();
    },
  );

  it('that is up to date or new is not copied', () => {
    openDatabase(file).close();
    openDatabase(file).close();
    expect(readdirSync(folder).filter((name) => name.includes('before'))).toEqual([]);
  });

  it('that is none stops the app with what to do, and is not cleaned', () => {
    writeFileSync(file, 'This is a shopping list, not a database. '.repeat(50));
    expect(() => openDatabase(file)).toThrow(DatabaseError);
    expect(() => openDatabase(file)).toThrow(/Put a backup in its place/);
    expect(readFileSync(file, 'utf8')).toMatch(/^This is a shopping list/);
  });

  it.each([
    ['of another program', 'PRAGMA application_id = 42; CREATE TABLE a (x)', /belongs to another program/],
    ['without a mark that is not this app’s', 'CREATE TABLE a (x)', /belongs to another program/],
    [
      'of another program with a number of this app’s',
      'PRAGMA user_version = 2; CREATE TABLE tank (x); CREATE TABLE fish (y)',
      /belongs to another program/,
    ],
    ['of another program with a high number', 'PRAGMA user_version = 99', /belongs to another program/],
    [
      'of a newer app',
      `PRAGMA application_id = ${APPLICATION_ID}; PRAGMA user_version = 99`,
      /newer version/,
    ],
  ])('%s is left as it is, byte for byte', (_, make, message) => {
    const other = new Database(file);
    other.exec(`${make};`);
    other.close();
    const before = readFileSync(file);
    expect(() => openDatabase(file)).toThrow(message);
    expect(readFileSync(file).equals(before)).toBe(true);
    expect(readdirSync(folder)).toEqual(['a.sqlite']);
  });

  it('that another program holds is left, and says so after two seconds', () => {
    openDatabase(file).close();
    const other = new Database(file);
    other.pragma('locking_mode = EXCLUSIVE');
    other.exec('BEGIN EXCLUSIVE');
    expect(() => openDatabase(file)).toThrow(/Another program is using the database .*a\.sqlite\. Close/);
    other.exec('ROLLBACK');
    other.close();
    openDatabase(file).close();
  });

  it('undoes a migration that fails, and takes it up again', () => {
    const migrations = path.join(folder, 'own');
    mkdirSync(migrations);
    writeFileSync(
      path.join(migrations, '0001.sql'),
      `PRAGMA application_id = ${APPLICATION_ID}; CREATE TABLE a (x); CREATE TABLE b (x);`,
    );
    openDatabase(file, migrations).close();
    writeFileSync(path.join(migrations, '0002.sql'), 'CREATE TABLE c (x); CREATE TABLE a (x);');
    expect(() => openDatabase(file, migrations)).toThrow(/already exists/);
    writeFileSync(path.join(migrations, '0002.sql'), 'CREATE TABLE c (x);');
    const db = openDatabase(file, migrations);
    expect(db.pragma('user_version', { simple: true })).toBe(2);
    db.close();
    rmSync(path.join(migrations, '0002.sql'));
    expect(() => openDatabase(file, migrations)).toThrow(/newer version of this app/);
  });
});
