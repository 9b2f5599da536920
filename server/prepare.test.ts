import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { formatSentence } from '@/core/units/sentence';
import { demoContent } from '@/demo/demoContent';
import { DEMO_SHELF } from '@/demo/demoShelf';
import { ConflictError, InvalidError } from '@/store/errors';
import { insertFilterContent } from '@/store/filterFiles';
import { jobs } from '@/store/jobs';
import { openDatabase, type Db } from '@/store/openDatabase';
import { packs } from '@/store/packs';
import { shelf } from '@/store/shelf';
import { homeRow } from './homeRow';
import { loadFilterPage } from './loadFilterPage';
import { loadHome } from './loadHome';
import { openPlans } from './openPlans';
import { planTemplates } from './planTemplates';

const NOW = '2026-11-25T12:00:00Z';
let db: Db;
beforeEach(() => {
  db = openDatabase(':memory:');
  for (const content of demoContent(new Date(NOW))) insertFilterContent(db, content);
});
afterEach(() => db.close());

/** Plans lava for the window sill without stripping it, to be packed on a day. */
function planLava(repackOn: string | null): void {
  const job = jobs.start(db, 'window-sill', 'plan');
  const planned = packs.get(db, job.doc.plannedPackId);
  const chamber = planned.doc.layers[0]!.chamber;
  packs.update(db, planned.version, {
    ...planned.doc,
    layers: [...planned.doc.layers, plainLayer('new', 'lava', chamber, 0.02)],
  });
  jobs.saveWork(db, job.doc.id, job.version, { ...job.doc, repackOn });
}
const rowOf = (id: string, now = NOW) =>
  homeRow(
    loadHome(db, now).filters.find(({ filter }) => filter.id === id)!,
    now,
  );

describe('the shelf', () => {
  it('begins empty, is stored once, and is one for all filters', () => {
    expect(shelf.get(db).doc.items).toEqual([]);
    const stored = shelf.update(db, shelf.get(db).version, DEMO_SHELF);
    expect(shelf.get(db)).toEqual(stored);
    for (const id of ['reed-bench', 'hatchery'])
      expect(loadFilterPage(db, id)).toMatchObject({ shelf: { doc: DEMO_SHELF } });
  });

  it('is not saved over somebody else’s change, nor with what cannot be', () => {
    const { version } = shelf.get(db);
    shelf.update(db, version, DEMO_SHELF);
    expect(() => shelf.update(db, version, DEMO_SHELF)).toThrow(ConflictError);
    const twice = { ...DEMO_SHELF, items: [DEMO_SHELF.items[0], DEMO_SHELF.items[0]] };
    expect(() => shelf.update(db, version + 1, twice)).toThrow(InvalidError);
    expect(shelf.get(db).doc).toEqual(DEMO_SHELF);
  });

  it('stands aside for an empty one where it cannot be read, and is not touched', () => {
    shelf.get(db);
    db.prepare(`UPDATE shelf SET doc = json_set(doc, '$.items', 'gone')`).run();
    expect(shelf.getOrFirst(db).doc.items).toEqual([]);
    expect(shelf.read(db, '').unreadable).toHaveLength(1);
    expect(db.prepare(`SELECT json_extract(doc, '$.items') FROM shelf`).pluck().get()).toBe('gone');
  });
});

describe('preparations on Filters', () => {
  it('are said when they are due, and lead to Prepare', () => {
    planLava('2026-12-03');
    expect(rowOf('window-sill').next.todo).toEqual({ what: 'Go to Prepare', place: 'prepare' });
    // Eight days before: breaking and the vinegar test.
    expect(formatSentence(rowOf('window-sill').next.state)).toBe('2 preparations are due for the repack.');
  });

  it('are not entered before their day, without a day, or once they are done', () => {
    planLava('2026-12-10');
    expect(rowOf('window-sill').next.todo?.place).not.toBe('prepare');
    const { doc, version } = jobs.open(db, 'window-sill')!;
    const at = NOW;
    jobs.saveWork(db, doc.id, version, {
      ...doc,
      repackOn: '2026-12-03',
      prepared: ['lava/break', 'lava/vinegar'].map((key) => ({ key, at })),
    });
    expect(rowOf('window-sill').next.todo?.place).not.toBe('prepare');
    expect(rowOf('window-sill', '2026-11-26T12:00:00Z').next.todo?.place).toBe('prepare');
  });
});

describe('openPlans', () => {
  it('are those of other filters that are planned or repacked, with what was in them', () => {
    expect(openPlans(db, 'window-sill').map(({ filter }) => filter.id)).toEqual(['reed-bench']);
    expect(openPlans(db, 'reed-bench')).toEqual([]);
    planLava(null);
    const [plan] = openPlans(db, 'reed-bench');
    expect(plan?.filter.id).toBe('window-sill');
    expect(plan!.layers.length).toBe(plan!.found.length + 1);
  });

  it('leave out a filter that is being stripped', () => {
    jobs.start(db, 'long-run', 'repack');
    expect(openPlans(db, 'window-sill').map(({ filter }) => filter.id)).toEqual(['reed-bench']);
  });
});

describe('planTemplates', () => {
  const names = (id: string): string[] => planTemplates(db, id).templates.map(({ name }) => name);
  it('are of the plan, with the level strip of a hang-on-back', () => {
    expect(names('reed-bench').some((name) => /Fine foam, 45 ppi/.test(name))).toBe(true);
    expect(names('reed-bench').some((name) => /Level strip/.test(name))).toBe(false);
    expect(names('window-sill')).toContain('Level strip');
  });

  it('are of the pack that is in a filter without a plan, and of a sleeve with its end', () => {
    expect(names('hatchery')).toEqual([
      expect.stringMatching(/sleeve, unrolled/),
      expect.stringMatching(/closed end/),
    ]);
  });

  it('know no filter that is not there', () => {
    expect(() => planTemplates(db, 'nobody')).toThrow(/filter/);
  });
});
