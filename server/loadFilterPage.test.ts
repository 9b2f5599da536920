import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { demoContent } from '@/demo/demoContent';
import { insertFilterContent } from '@/store/filterFiles';
import { jobs } from '@/store/jobs';
import { openDatabase, type Db } from '@/store/openDatabase';
import { packs } from '@/store/packs';
import { layersThatFit } from './layersThatFit';
import { loadFilterPage, type FilterPage } from './loadFilterPage';
import { loadHome } from './loadHome';
import { troublesOf } from './trouble';

const NOW = '2026-11-25T12:00:00Z';
let db: Db;
beforeEach(() => {
  db = openDatabase(':memory:');
  for (const content of demoContent(new Date(NOW))) insertFilterContent(db, content);
});
afterEach(() => db.close());

const pageOf = (id: string): FilterPage => {
  const page = loadFilterPage(db, id);
  if (page === null || 'unreadable' in page) throw new Error('The page cannot be drawn.');
  return page;
};

describe('loadFilterPage', () => {
  it('is nothing for a filter that is not there', () => {
    expect(loadFilterPage(db, 'nobody')).toBeNull();
  });

  it('brings a filter with its tank, its open job and both packs of that job', () => {
    const { filter, tank, open, current } = pageOf('reed-bench');
    expect(tank.doc.id).toBe(filter.doc.tankId);
    expect(open?.job.doc.filterId).toBe('reed-bench');
    expect(open?.asFound.doc.role).toBe('as found');
    expect(open?.planned.doc.role).toBe('planned');
    expect(current?.filterId).toBe('reed-bench');
  });

  it('has no open job once it was dropped, and still knows what is in the filter', () => {
    const before = pageOf('reed-bench');
    jobs.drop(db, before.open!.job.doc.id);
    const after = pageOf('reed-bench');
    expect(after.open).toBeNull();
    expect(after.current).toEqual(before.current);
  });

  it('says which documents keep it from being drawn, all at once', () => {
    const { asFound, planned } = pageOf('reed-bench').open!;
    for (const { doc } of [asFound, planned])
      db.prepare("UPDATE pack SET doc = json_remove(doc, '$.layers') WHERE id = ?").run(doc.id);
    const page = loadFilterPage(db, 'reed-bench');
    expect(page).toMatchObject({ unreadable: [{ id: asFound.doc.id }, { id: planned.doc.id }] });
    // The other filters do not mind.
    expect(pageOf('window-sill').filter.doc.id).toBe('window-sill');
  });

  it('puts this filter first among those of its tank, each with flow by reckoning', () => {
    for (const { filter } of loadHome(db, NOW).filters) {
      const { flows } = pageOf(filter.id);
      expect(flows[0]?.filter.id).toBe(filter.id);
      expect(flows.every(({ predicted }) => predicted > 0)).toBe(true);
      // No pump gives more than its label says.
      expect(flows[0]?.predicted).toBeLessThanOrEqual(filter.labelFlow);
    }
  });
});

describe('loadHome', () => {
  it('shows filters in the order they were entered, each with its tank, and its newest pack', () => {
    const { filters, troubles } = loadHome(db, NOW);
    expect(troubles).toEqual([]);
    for (const { filter, around, layers } of filters) {
      expect(around.tank.id).toBe(filter.tankId);
      expect(around.now).toBe(NOW);
      const page = pageOf(filter.id);
      const known = page.current ?? page.open?.asFound.doc ?? null;
      expect(layers).toEqual(layersThatFit(filter, known));
    }
  });

  it('is empty, and no fault, with nothing stored', () => {
    const empty = openDatabase(':memory:');
    expect(loadHome(empty, NOW)).toMatchObject({ filters: [], troubles: [] });
    empty.close();
  });
});

describe('layersThatFit', () => {
  it('leaves out what the filter of today cannot hold', () => {
    const { filter, open } = pageOf('reed-bench');
    const [layer] = open!.planned.doc.layers;
    const gone = plainLayer('gone', 'no-such-chamber', 'foam-30', 0.02);
    const unknown = { ...layer!, id: 'unknown', medium: 'no-such-medium' };
    expect(layersThatFit(filter.doc, { layers: [layer!, gone, unknown] })).toEqual([layer]);
    expect(layersThatFit(filter.doc, null)).toEqual([]);
  });
});

describe('troublesOf', () => {
  const torn = (text: string) =>
    troublesOf(db, [{ kind: 'pack', id: 'p', text, schemaVersion: 2, faults: ['It is torn.'] }])[0];

  it('names a document by what is left of its text', () => {
    expect(torn('{"id":"p","name":"Summer pack","layers":')?.title).toBe('Pack “Summer pack”');
    expect(torn('{"id":"p"')?.title).toBe('Pack');
    expect(torn('')?.title).toBe('Pack');
  });

  it('offers no repair where nothing can be repaired, and says what removing takes with it', () => {
    expect(torn('{"id":')).toMatchObject({ repair: null, faults: ['It is torn.'] });
    expect(torn('{"id":')?.removes).not.toBe('');
  });

  it('says what a repair would change before it changes it', () => {
    const { planned } = pageOf('reed-bench').open!;
    db.prepare("UPDATE pack SET doc = json_remove(doc, '$.visits') WHERE id = ?").run(planned.doc.id);
    const page = loadFilterPage(db, 'reed-bench');
    if (page === null || !('unreadable' in page)) throw new Error('It can still be read.');
    const [trouble] = troublesOf(db, page.unreadable);
    expect(trouble?.repair?.join(' ')).toContain('visits');
    expect(() => packs.get(db, planned.doc.id)).toThrow();
  });
});
