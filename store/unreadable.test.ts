import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { demoContent } from '@/demo/demoContent';
import { loadFilterPage } from '@/server/loadFilterPage';
import { loadHome } from '@/server/loadHome';
import { UnreadableError, type Unreadable } from './errors';
import { insertFilterContent, readFilterContent } from './filterFiles';
import { filters } from './filters';
import { openDatabase, type Db } from './openDatabase';
import { packs } from './packs';
import { allTroubles, rawText, removeUnreadable, repair, repairOf } from './unreadable';

const NOW = '2026-11-25T12:00:00Z';

let db: Db;
beforeEach(() => {
  db = openDatabase(':memory:');
  for (const content of demoContent(new Date(NOW))) insertFilterContent(db, content);
});
afterEach(() => db.close());

const plan = 'reed-bench-planned-now';
/** Makes a stored document unreadable by taking a field out of it. */
const tear = (table: string, id: string, field: string): void =>
  void db.prepare(`UPDATE ${table} SET doc = json_remove(doc, ?) WHERE id = ?`).run(`$.${field}`, id);
const troubles = (): Unreadable[] => allTroubles(db);

describe('a document that cannot be read', () => {
  it.each([
    ['tank', 'reed-bench', 'water'],
    ['filter', 'reed-bench', 'pump'],
    ['pack', plan, 'visits'],
    ['job', 'reed-bench-job-now', 'parts'],
  ])('never takes home down, nor the other filters: a %s', (table, id, field) => {
    const realId = db.prepare(`SELECT id FROM ${table} WHERE id LIKE ?`).pluck().get(`${id}%`) as string;
    tear(table, realId, field);
    const home = loadHome(db, NOW);
    expect(home.filters.map(({ filter }) => filter.id)).toContain('window-sill');
    expect(loadFilterPage(db, 'window-sill')).toHaveProperty('open');
    const page = loadFilterPage(db, 'reed-bench');
    expect(page !== null && 'unreadable' in page && page.unreadable.map(({ id: torn }) => torn)).toEqual([
      realId,
    ]);
    expect(troubles().map((document) => document.id)).toEqual([realId]);
    expect(rawText(db, troubles()[0]!.kind, realId)).toContain(realId);
  });

  it('is shown by home with its fault when it is one that home needs', () => {
    tear('filter', 'hatchery', 'chambers');
    const home = loadHome(db, NOW);
    expect(home.filters).toHaveLength(3);
    expect(home.troubles).toMatchObject([
      {
        kind: 'filter',
        id: 'hatchery',
        title: 'Filter “Hatchery”',
        faults: [expect.stringMatching(/chambers/)],
      },
    ]);
  });

  it('is repaired as it was said it would be', () => {
    tear('pack', plan, 'visits');
    db.prepare(`UPDATE pack SET doc = json_set(doc, '$.layers[0].thickness', -3) WHERE id = ?`).run(plan);
    expect(() => packs.get(db, plan)).toThrow(UnreadableError);
    const [trouble] = troubles();
    expect(trouble === undefined ? null : repairOf(db, trouble)).toHaveLength(2);
    repair(db, 'pack', plan);
    expect(packs.get(db, plan).doc.visits).toEqual([]);
    expect(loadFilterPage(db, 'reed-bench')).toHaveProperty('open');
    expect(() => repair(db, 'pack', plan)).toThrow(/nothing to repair/);
  });

  it('counts as one when it does not fit its filter, and is made to fit', () => {
    const stored = packs.get(db, plan).doc;
    const layers = [plainLayer('x', 'moon-rock', 'attic', 0.03), ...stored.layers];
    db.prepare('UPDATE pack SET doc = ? WHERE id = ?').run(JSON.stringify({ ...stored, layers }), plan);
    const page = loadFilterPage(db, 'reed-bench');
    if (page === null || !('unreadable' in page)) throw new Error('The page should not be drawn.');
    expect(page.unreadable[0]?.faults).toHaveLength(2);
    expect(repairOf(db, page.unreadable[0]!)).toHaveLength(2);
    repair(db, 'pack', plan);
    expect(packs.get(db, plan).doc.layers).toHaveLength(layers.length);
    expect(loadFilterPage(db, 'reed-bench')).toHaveProperty('open');
  });

  it.each([
    ['tank', 'tank', 'water', 3],
    ['filter', 'filter', 'pump', 3],
    ['pack', 'pack', 'visits', 4],
    ['job', 'job', 'parts', 4],
    ['logEntry', 'log_entry', 'moment', 4],
  ] as const)('is removed with all that refers to it: a %s', (kind, table, field, left) => {
    const id = db
      .prepare(`SELECT id FROM ${table} WHERE id LIKE ? AND json_extract(doc, '$.${field}') IS NOT NULL`)
      .pluck()
      .get(kind === 'pack' ? plan : 'reed-bench%') as string;
    tear(table, id, field);
    removeUnreadable(db, kind, id);
    expect(troubles()).toEqual([]);
    expect(db.pragma('foreign_key_check')).toEqual([]);
    expect(loadHome(db, NOW).filters).toHaveLength(left);
    for (const { filter } of loadHome(db, NOW).filters) readFilterContent(db, filter.id);
  });

  it('that can be read after all is neither repaired nor removed', () => {
    expect(() => removeUnreadable(db, 'filter', 'hatchery')).toThrow(/can be read/);
    expect(filters.get(db, 'hatchery').doc.name).toBe('Hatchery');
  });

  it('takes its alternative out of the job, and nothing else', () => {
    const job = db.prepare('SELECT doc FROM job WHERE id = ?').pluck().get('reed-bench-job-now') as string;
    const doc = JSON.parse(job) as { alternativePackIds: string[] };
    const other = { ...packs.get(db, plan).doc, id: 'other', role: 'alternative', name: 'Other' };
    packs.insert(db, other);
    db.prepare('UPDATE job SET doc = ? WHERE id = ?').run(
      JSON.stringify({ ...doc, alternativePackIds: ['other'] }),
      'reed-bench-job-now',
    );
    tear('pack', 'other', 'name');
    removeUnreadable(db, 'pack', 'other');
    const page = loadFilterPage(db, 'reed-bench');
    expect(page !== null && 'open' in page && page.open?.alternatives).toEqual([]);
  });
});
