import { beforeEach, describe, expect, it } from 'vitest';
import type { Outlook } from '@/core/outlook/outlook';
import { presetFilter } from '@/core/filter/presetFilter';
import { demoContent } from '@/demo/demoContent';
import { InvalidError, NotFoundError } from './errors';
import { insertFilterContent } from './filterFiles';
import { filters } from './filters';
import { jobs } from './jobs';
import { log } from './log';
import { openDatabase, type Db } from './openDatabase';
import { outlooks } from './outlooks';
import { tanks } from './tanks';

const nothing: Outlook = { learned: { posterior: null, refused: false, odd: [] }, forecast: null };
const COURSE = { likely: [1, 1], low: [1, 1], high: [1, 1] };
const note = (id: string, kind: 'flow' | 'note') => ({
  ...(kind === 'flow' ? { kind, moment: 'between', jugVolume: 1e-3, seconds: [5] } : { kind }),
  ...{ id, filterId: 'long-run', jobId: null, at: '2026-11-25T10:00:00Z', note: 'x' },
});

describe('outlooks', () => {
  let db: Db;
  beforeEach(() => {
    db = openDatabase(':memory:');
    for (const content of demoContent(new Date('2026-11-25T12:00:00Z'))) insertFilterContent(db, content);
  });
  const state = (id = 'long-run') => outlooks.get(db, id);
  const keep = (id = 'long-run') => outlooks.put(db, id, state(id).revision, nothing);

  it('begins with none, keeps what was worked out, and knows all', () => {
    expect(state()).toMatchObject({ isFresh: false, outlook: null, madeAt: null });
    expect(keep()).toMatchObject({ isFresh: true, outlook: nothing });
    expect(outlooks.all(db).get('long-run')).toMatchObject({ isFresh: true });
    expect(outlooks.all(db).get('hatchery')).toMatchObject({ isFresh: false });
  });

  it('is old where another version of the model gave it, and can be worked out anew then', () => {
    keep();
    expect(outlooks.stale(db).map(({ filterId }) => filterId)).not.toContain('long-run');
    db.exec("UPDATE outlook SET model = model + 1 WHERE filter_id = 'long-run'");
    expect(state()).toMatchObject({ isFresh: false, ofThisPlace: false, outlook: nothing });
    expect(outlooks.stale(db)).toContainEqual({ filterId: 'long-run', revision: state().revision });
    expect(keep()).toMatchObject({ isFresh: true, ofThisPlace: true });
  });

  it('grows old with what it is made of: readings, filter, tank, a neighbour on the tank; not with a note', () => {
    keep();
    log.add(db, note('a', 'note'));
    expect(state().isFresh).toBe(true);
    log.add(db, note('b', 'flow'));
    expect(state().isFresh).toBe(false);
    keep();
    log.remove(db, 'b');
    expect(state().isFresh).toBe(false);
    keep();
    const tank = tanks.get(db, 'long-run-tank');
    log.add(db, note('c', 'flow'));
    expect(state().ofThisPlace).toBe(true);
    tanks.update(db, tank.version, { ...tank.doc, temperature: 23 });
    // What was learned of another tank counts no longer, even until it is learned anew.
    expect(state()).toMatchObject({ isFresh: false, ofThisPlace: false });
    keep();
    keep('hatchery');
    filters.insert(db, presetFilter('internal-sponge', { id: 'second', tankId: 'long-run-tank' }, 'Second'));
    expect(state().isFresh).toBe(false);
    expect(state('hatchery').isFresh).toBe(true);
    keep();
    filters.remove(db, 'second');
    expect(state().isFresh).toBe(false);
  });

  it('is old at once where something changed while it was worked out, and never overwrites a newer one', () => {
    const { revision } = state();
    log.add(db, note('b', 'flow'));
    expect(outlooks.put(db, 'long-run', revision, nothing).isFresh).toBe(false);
    keep();
    expect(outlooks.put(db, 'long-run', revision, nothing).isFresh).toBe(true);
  });

  it('drops the forecast of a pack that has come out, and keeps what the filter taught', () => {
    const at = (packedAt: string): Outlook => ({
      learned: { posterior: null, refused: true, odd: [] },
      forecast: {
        packedAt,
        ...{ by: 'through', earliest: 50, likely: 60, latest: 70 },
        ...{ flow: COURSE, lost: COURSE, passes: COURSE, visits: [], sponge: null },
      },
    });
    const { finishedAt } = jobs.lastDone(db, 'long-run')!.doc;
    const { revision } = state();
    expect(outlooks.put(db, 'long-run', revision, at(finishedAt!)).outlook?.forecast).toMatchObject({
      likely: 60,
    });
    const dayBefore = new Date(Date.parse(finishedAt!) - 86_400_000).toISOString();
    expect(outlooks.put(db, 'long-run', revision, at(dayBefore)).outlook).toMatchObject({
      learned: { refused: true },
      forecast: null,
    });
    expect(outlooks.all(db).get('long-run')?.outlook?.forecast).toBeNull();
  });

  it('refuses what is no outlook, of a filter that is not there, and of the future', () => {
    expect(() => outlooks.put(db, 'long-run', 1, { learned: 7 })).toThrow(InvalidError);
    expect(() => outlooks.put(db, 'gone', 1, nothing)).toThrow(NotFoundError);
    expect(outlooks.put(db, 'long-run', state().revision + 5, nothing).outlook).toBeNull();
  });

  it('works out anew what cannot be read, and goes with its filter', () => {
    keep();
    db.prepare(`UPDATE outlook SET doc = '{"of": "another app"}'`).run();
    expect(state()).toMatchObject({ isFresh: false, outlook: null });
    filters.remove(db, 'long-run');
    expect(() => state()).toThrow(NotFoundError);
  });
});
