import { createReadStream, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import sharp from 'sharp';
import { afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { newTank } from '@/core/tank/newTank';
import { demoContent } from '@/demo/demoContent';
import { exportText, WholeExportSchema } from '@/formats/wholeExport';
import { writeBackup } from './backup';
import { ConflictError, InvalidError } from './errors';
import { exportContent } from './exportContent';
import { insertFilterContent, readFilterContent } from './filterFiles';
import { filters } from './filters';
import { holdings } from './holdings';
import { addNew, replaceAll, tryIncoming, whatIsNew } from './incoming';
import { log } from './log';
import { openDatabase, type Db } from './openDatabase';
import { photos } from './photos';
import { settings } from './settings';
import { stageExport } from './stageExport';
import { tanks } from './tanks';

const [, sill] = demoContent(new Date('2026-11-25T12:00:00Z'));
const other = presetFilter('internal-sponge', { id: 'other', tankId: 'pond' }, 'Other');
const NOTE = { kind: 'note' as const, jobId: null, at: '2026-11-25T10:00:00Z', note: 'Seen.' };

let folder: string;
let db: Db;
let jpeg: Uint8Array;
beforeAll(async () => {
  jpeg = await sharp({ create: { width: 8, height: 6, channels: 3, background: 'teal' } })
    .jpeg()
    .toBuffer();
});
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'neat-'));
  db = openDatabase(path.join(folder, 'own.sqlite'));
  if (sill === undefined) throw new Error('The demo has no second filter.');
  insertFilterContent(db, sill);
  const [job] = sill.jobs;
  if (job !== undefined) photos.add(db, job.id, null, { jpeg, width: 8, height: 6 });
  settings.update(db, settings.get(db).version, { ...settings.get(db).doc, currency: 'SEK' });
});
afterEach(() => {
  db.close();
  rmSync(folder, { recursive: true });
});

const filterId = (): string => sill?.filter.id ?? '';
const backupOf = (from: Db, name = 'backup.sqlite'): string => {
  const file = path.join(folder, name);
  writeBackup(from, file);
  return file;
};
/** The export of a database as a file, and that file as a database again. */
async function exported(from: Db, change: (text: string) => string = (text) => text) {
  const source = path.join(folder, 'all.json');
  writeFileSync(source, change([...exportText(exportContent(from), '2026-11-25T12:00:00Z')].join('')));
  const file = path.join(folder, 'staged.sqlite');
  // In small pieces, as a stream may give them.
  const faults = await stageExport(() => createReadStream(source, { highWaterMark: 997 }), file);
  return { file, faults };
}
const faultOf = (act: () => unknown): string => {
  try {
    act();
  } catch (error) {
    if (error instanceof InvalidError) return error.message;
    throw error;
  }
  return '';
};

describe('a backup', () => {
  it('puts everything back as it was, photos and settings too', () => {
    const before = { content: readFilterContent(db, filterId()), holds: holdings(db) };
    const file = backupOf(db);
    filters.remove(db, filterId());
    filters.add(db, { tank: newTank('pond', 'Pond', 0.2), filter: other });
    settings.update(db, settings.get(db).version, { ...settings.get(db).doc, currency: 'GBP' });
    expect(tryIncoming(db, file)).toEqual(before.holds);
    replaceAll(db, file);
    expect(readFilterContent(db, filterId())).toEqual(before.content);
    expect(holdings(db)).toEqual(before.holds);
    expect(settings.get(db).doc.currency).toBe('SEK');
    const [photo] = photos.ofJob(db, sill?.jobs[0]?.id ?? '');
    expect(photos.jpeg(db, photo?.id ?? '')).toEqual(Buffer.from(jpeg));
    expect(db.pragma('foreign_key_check')).toEqual([]);
  });

  it('is not written over by a page that was open before it was put back', () => {
    const file = backupOf(db);
    const open = tanks.get(db, sill?.tank.id ?? '');
    replaceAll(db, file);
    expect(() => tanks.update(db, open.version, { ...open.doc, name: 'Typed before' })).toThrow(
      ConflictError,
    );
  });

  it('adds what is missing and changes nothing that is here; the same file twice adds nothing', () => {
    const elsewhere = openDatabase(path.join(folder, 'elsewhere.sqlite'));
    replaceAll(elsewhere, backupOf(db));
    filters.add(elsewhere, { tank: newTank('pond', 'Pond', 0.2), filter: other });
    log.add(elsewhere, { ...NOTE, id: 'n-pond', filterId: 'other' });
    log.add(elsewhere, { ...NOTE, id: 'n-sill', filterId: filterId() });
    for (const id of ['n-sill', 'n-pond']) photos.addToEntry(elsewhere, id, { jpeg, width: 8, height: 6 });
    const tank = tanks.get(elsewhere, sill?.tank.id ?? '');
    tanks.update(elsewhere, tank.version, { ...tank.doc, name: 'Renamed elsewhere' });
    const file = backupOf(elsewhere, 'elsewhere-backup.sqlite');
    elsewhere.close();
    expect(whatIsNew(db, file)).toEqual({ added: ['Other'], known: [sill?.filter.name], entries: 1 });
    const here = holdings(db);
    expect(addNew(db, file)).toEqual({ added: ['Other'], known: [], entries: 1 });
    expect(holdings(db).counts.log_entry).toBe(here.counts.log_entry + 2);
    expect(tanks.get(db, sill?.tank.id ?? '').doc.name).toBe(sill?.tank.name);
    // The photo of a new entry comes with it, also of a filter that is here.
    expect(photos.ofEntries(db, ['n-sill', 'n-pond']).map(({ entryId }) => entryId)).toEqual([
      'n-sill',
      'n-pond',
    ]);
    expect(whatIsNew(db, file)).toMatchObject({ added: [], entries: 0 });
    addNew(db, file);
    expect(holdings(db).counts.log_entry).toBe(here.counts.log_entry + 2);
  });

  it('that is cut short, of a newer app, of another program or made by hand is refused and changes nothing', () => {
    const before = JSON.stringify(readFilterContent(db, filterId()));
    const cut = backupOf(db, 'cut.sqlite');
    truncateSync(cut, 9000);
    const newer = backupOf(db, 'newer.sqlite');
    const handMade = backupOf(db, 'hand-made.sqlite');
    const foreign = path.join(folder, 'foreign.sqlite');
    const mark = (file: string, sql: string): void => {
      const made = new Database(file);
      made.exec(sql);
      made.close();
    };
    mark(newer, 'PRAGMA user_version = 99');
    mark(handMade, 'CREATE TRIGGER bad AFTER INSERT ON tank BEGIN DELETE FROM job; END');
    mark(foreign, 'CREATE TABLE other (id); PRAGMA application_id = 7');
    expect(faultOf(() => tryIncoming(db, cut))).toMatch(/damaged or not complete\. Nothing was changed/);
    expect(faultOf(() => tryIncoming(db, newer))).toMatch(/newer version of this app.*Update the app/);
    expect(faultOf(() => tryIncoming(db, foreign))).toMatch(/another program/);
    expect(faultOf(() => tryIncoming(db, handMade))).toMatch(/another program/);
    expect(JSON.stringify(readFilterContent(db, filterId()))).toBe(before);
  });
});

describe('a full export', () => {
  it('holds no photos of an entry that was deleted, and leaves out those whose entry is not in the file', async () => {
    log.add(db, { ...NOTE, id: 'n-gone', filterId: filterId() });
    photos.addToEntry(db, 'n-gone', { jpeg, width: 8, height: 6 });
    const renamed = await exported(db, (text) => text.replace('"entryId":"n-gone"', '"entryId":"n-lost"'));
    expect(renamed.faults).toEqual([expect.stringMatching(/^1 photo is left out/)]);
    rmSync(renamed.file);
    log.remove(db, 'n-gone');
    expect((await exported(db)).faults).toEqual([]);
  });

  it('holds everything in the published form, and comes in again as it was', async () => {
    log.add(db, { ...NOTE, id: 'n-seen', filterId: filterId() });
    photos.addToEntry(db, 'n-seen', { jpeg, width: 8, height: 6 });
    const { file, faults } = await exported(db);
    expect(faults).toEqual([]);
    const text = readFileSync(path.join(folder, 'all.json'), 'utf8');
    expect(WholeExportSchema.safeParse(JSON.parse(text)).success).toBe(true);
    expect(tryIncoming(db, file)).toEqual(holdings(db));
    const empty = openDatabase(path.join(folder, 'empty.sqlite'));
    replaceAll(empty, file);
    expect(readFilterContent(empty, filterId())).toEqual(readFilterContent(db, filterId()));
    const [photo] = photos.ofJob(empty, sill?.jobs[0]?.id ?? '');
    expect(photos.jpeg(empty, photo?.id ?? '')).toEqual(Buffer.from(jpeg));
    expect(photos.ofEntries(empty, ['n-seen'])).toEqual(photos.ofEntries(db, ['n-seen']));
    expect(photos.ofEntries(empty, ['n-seen'])).toHaveLength(1);
    empty.close();
  });

  it('takes along what this app cannot read, as it is', async () => {
    log.add(db, { ...NOTE, id: 'torn', filterId: filterId() });
    db.prepare(`UPDATE log_entry SET doc = json_set(doc, '$.note', 5) WHERE id = 'torn'`).run();
    const { file, faults } = await exported(db);
    expect(faults).toEqual([]);
    expect(tryIncoming(db, file).unreadable).toBe(1);
  });

  it('leaves out what cannot be read and what hangs on it, and says so by place and reason', async () => {
    filters.add(db, { tank: newTank('pond', 'Pond', 0.2), filter: other });
    log.add(db, { ...NOTE, id: 'n-pond', filterId: 'other' });
    const { file, faults } = await exported(db, (text) =>
      text.replace('"name":"Pond"', '"name":5').replace('"note":"Seen."', '"note":7'),
    );
    expect(faults[0]).toMatch(/^tanks, item 2: .*name/);
    expect(faults.join('\n')).toMatch(/log, item \d+: /);
    expect(faults.join('\n')).toMatch(/filter “other” is left out, because its tank is not in the file/);
    expect(tryIncoming(db, file).filters).toEqual([sill?.filter.name]);
  });

  it.each([
    [
      'nested without end',
      (text: string) => text.replace('{', `{"x":${'['.repeat(95_000)}${']'.repeat(95_000)},`),
      /nested too deeply/,
    ],
    ['cut short', (text: string) => text.slice(0, -40), /not complete\. It may have been cut off/],
    [
      'of a newer app',
      (text: string) => text.replace(/"version": \d+/, '"version": 99'),
      /newer version of this app/,
    ],
    ['something else', () => '{"format": "neatlayer"}', /not a full export/],
    ['no JSON', () => 'date;flow\n1;2', /not complete/],
  ])('is refused when it is %s', async (_, change, said) => {
    await expect(exported(db, change)).rejects.toThrow(said);
  });
});
