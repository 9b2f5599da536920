import { UNPREPARED } from '@/core/job/unprepared';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { MAX_ENTRY_PHOTOS, MAX_PHOTOS } from '@/core/log/photo';
import { plainLayer } from '@/core/layers/plainLayer';
import { newTank } from '@/core/tank/newTank';
import { demoContent } from '@/demo/demoContent';
import { ConflictError, InvalidError, NotFoundError } from './errors';
import { addFilterContent, insertFilterContent, readFilterContent } from './filterFiles';
import { filters } from './filters';
import { jobs } from './jobs';
import { log } from './log';
import { openDatabase, type Db } from './openDatabase';
import { packs } from './packs';
import { photos } from './photos';
import { settings } from './settings';
import { shelf } from './shelf';
import { tanks } from './tanks';

const tank = newTank('t', 'Tank', 0.06);
const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Filter');
const flow = {
  kind: 'flow',
  id: 'e',
  filterId: 'f',
  jobId: null,
  at: '2026-11-25T10:00:00Z',
  moment: 'between',
  jugVolume: 1e-3,
  seconds: [5],
  note: '',
};
const counts = (db: Db): number[] =>
  ['tank', 'filter', 'pack', 'job', 'log_entry'].map(
    (table) => (db.prepare(`SELECT count(*) AS n FROM ${table}`).get() as { n: number }).n,
  );
const faultsOf = (act: () => unknown): readonly string[] => {
  try {
    act();
  } catch (error) {
    if (error instanceof InvalidError) return error.faults;
    throw error;
  }
  return [];
};

describe('store', () => {
  let db: Db;
  beforeEach(() => {
    db = openDatabase(':memory:');
    filters.add(db, { tank, filter });
  });
  afterEach(() => db.close());

  it('gives back what it was given, and nothing for what is not there', () => {
    expect(filters.get(db, 'f')).toMatchObject({ doc: filter, version: 1 });
    expect(() => tanks.get(db, 'nobody')).toThrow(NotFoundError);
  });

  it('adds of a file what the log has not got yet, and takes it out again', () => {
    const again = { ...flow, id: 'other-id', seconds: [5 + 1e-12] };
    const later = { ...flow, id: 'later', at: '2026-11-26T10:00:00.000Z' };
    log.add(db, flow);
    const missing = log.missing(db, 'f', [again, later, { ...later, id: 'twice' }]);
    expect(missing.map(({ id }) => id)).toEqual(['later']);
    log.addAll(db, 'f', missing);
    expect(log.missing(db, 'f', [again, later])).toEqual([]);
    log.removeAll(db, 'f', ['later', 'gone-already']);
    expect(log.ofFilter(db, 'f').map(({ id }) => id)).toEqual(['e']);
    expect(() => log.missing(db, 'f', [{ ...later, filterId: 'g' }])).toThrow(/another filter/);
    expect(() => log.missing(db, 'f', [{ ...later, seconds: [] }])).toThrow(/at least one filling/);
    expect(() => log.missing(db, 'nobody', [])).toThrow(NotFoundError);
  });

  it('gives a log a page at a time, newest first, by kind and by words that are taken as they are', () => {
    const note = (at: number, text: string) => ({
      kind: 'note',
      id: `n${at}`,
      filterId: 'f',
      jobId: null,
      at: new Date(Date.UTC(2026, 0, at)).toISOString(),
      note: text,
    });
    [note(1, 'Fed 50% less.'), note(2, 'Fed 50 less.'), note(3, 'A_b')].forEach((entry) =>
      log.add(db, entry),
    );
    log.add(db, flow);
    const found = (change: object) => {
      const { entries, total } = log.page(db, 'f', { kind: null, text: '', from: 0, count: 2, ...change });
      return [entries.map(({ id }) => id), total];
    };
    expect(found({})).toEqual([['e', 'n3'], 4]);
    expect(found({ from: 2 })).toEqual([['n2', 'n1'], 4]);
    expect(found({ kind: 'flow' })).toEqual([['e'], 1]);
    expect(found({ text: '50%' })).toEqual([['n1'], 1]);
    expect(found({ text: 'a_B' })).toEqual([['n3'], 1]);
    expect(found({ text: "' OR 1=1 --" })).toEqual([[], 0]);
  });

  it('changes an entry of the log, but not into another kind or filter', () => {
    log.add(db, flow);
    expect(log.update(db, 'e', { ...flow, note: 'Warm water.' })).toMatchObject({ note: 'Warm water.' });
    expect(log.ofFilter(db, 'f')[0]?.note).toBe('Warm water.');
    const { moment: _, jugVolume: __, seconds: ___, ...rest } = flow;
    expect(faultsOf(() => log.update(db, 'e', { ...rest, kind: 'note', note: 'x' }))[0]).toMatch(
      /cannot change the kind/,
    );
    expect(faultsOf(() => log.update(db, 'e', { ...flow, id: 'other' }))[0]).toMatch(
      /cannot change the kind/,
    );
    expect(faultsOf(() => log.update(db, 'e', { ...flow, seconds: [] }))[0]).toMatch(
      /Time at least one filling/,
    );
    expect(() => log.update(db, 'ghost', { ...flow, id: 'ghost' })).toThrow(NotFoundError);
  });

  it('puts a second filter on a tank that is there, never on one that is not, and keeps the tank for the last', () => {
    const second = { ...filter, id: 'f2' };
    filters.add(db, { filter: second });
    expect(filters.onTank(db, 't').map(({ doc }) => doc.id)).toEqual(['f', 'f2']);
    expect(() => filters.add(db, { filter: { ...filter, id: 'f3', tankId: 'nowhere' } })).toThrow(
      NotFoundError,
    );
    filters.remove(db, 'f');
    expect(tanks.get(db, 't').doc).toEqual(tank);
    filters.remove(db, 'f2');
    expect(counts(db)).toEqual([0, 0, 0, 0, 0]);
  });

  it('keeps photos with their job, and lets them go with it', () => {
    const picture = { jpeg: Uint8Array.of(0xff, 0xd8, 0xff), width: 4, height: 3 };
    const job = jobs.start(db, 'f', 'repack').doc;
    const photo = photos.add(db, job.id, 'layer-1', picture);
    expect(photos.ofJob(db, job.id)).toEqual([photo]);
    expect(photo).toMatchObject({ layerId: 'layer-1', width: 4, height: 3 });
    expect([...photos.jpeg(db, photo.id)]).toEqual([0xff, 0xd8, 0xff]);
    expect(() => photos.add(db, 'no-job', null, picture)).toThrow(NotFoundError);
    expect(faultsOf(() => photos.add(db, job.id, '../x', picture))).toHaveLength(1);
    for (let count = 1; count < MAX_PHOTOS; count += 1) photos.add(db, job.id, null, picture);
    expect(faultsOf(() => photos.add(db, job.id, null, picture))[0]).toMatch(/at most 60 photos/);
    photos.remove(db, photo.id);
    expect(() => photos.jpeg(db, photo.id)).toThrow(NotFoundError);
    jobs.drop(db, job.id);
    expect(photos.ofJob(db, job.id)).toEqual([]);
  });

  it('keeps photos with their log entry, over its deletion and undo, until the app starts anew', () => {
    const picture = { jpeg: Uint8Array.of(0xff, 0xd8, 0xff), width: 4, height: 3 };
    const entry = log.add(db, { ...flow, kind: 'note', id: 'seen', note: 'Moss in it' });
    const photo = photos.addToEntry(db, entry.id, picture);
    expect(photo).toMatchObject({ entryId: 'seen', filterId: 'f', jobId: null });
    expect(photos.ofEntries(db, ['seen', 'other'])).toEqual([photo]);
    expect(() => photos.addToEntry(db, 'no-entry', picture)).toThrow(NotFoundError);
    for (let count = 1; count < MAX_ENTRY_PHOTOS; count += 1) photos.addToEntry(db, 'seen', picture);
    expect(faultsOf(() => photos.addToEntry(db, 'seen', picture))[0]).toMatch(/at most 6 photos/);
    log.remove(db, 'seen');
    log.add(db, entry);
    expect(photos.ofEntries(db, ['seen'])).toHaveLength(MAX_ENTRY_PHOTOS);
    expect(photos.clearLeft(db)).toBe(0);
    log.remove(db, 'seen');
    expect(photos.clearLeft(db)).toBe(MAX_ENTRY_PHOTOS);
    log.add(db, entry);
    photos.addToEntry(db, 'seen', picture);
    filters.remove(db, 'f');
    expect(photos.ofEntries(db, ['seen'])).toEqual([]);
  });

  it('takes a change only from the version it was made from, and shows what is stored now', () => {
    const mine = { ...filter, name: 'Mine' };
    expect(filters.update(db, 1, mine).version).toBe(2);
    try {
      filters.update(db, 1, { ...filter, name: 'Theirs' });
      expect.unreachable();
    } catch (error) {
      expect(error).toBeInstanceOf(ConflictError);
      expect((error as ConflictError).current).toMatchObject({ version: 2, doc: { name: 'Mine' } });
    }
    expect(filters.get(db, 'f').doc.name).toBe('Mine');
  });

  it('refuses what the schema refuses, with a line a fault, and keeps what it had', () => {
    const faults = faultsOf(() =>
      tanks.update(db, 1, { ...tank, water: { how: 'known', volume: -3 }, temperature: 'warm' }),
    );
    expect(faults).toEqual([
      'water, volume: Water in the tank must be from 1.00 L to 50,000 L.',
      'temperature: Temperature must be a number.',
    ]);
    expect(tanks.get(db, 't')).toMatchObject({ version: 1, doc: tank });
  });

  it('leaves nothing of a write that fails halfway', () => {
    const before = counts(db);
    // The tank goes in first; the filter then fails its schema.
    expect(() =>
      filters.add(db, { tank: { ...tank, id: 't2' }, filter: { ...filter, id: 'f2', chambers: [] } }),
    ).toThrow();
    // The last log entry of an otherwise good file names a filter that is not there.
    const [content] = demoContent(new Date('2026-11-25T12:00:00Z'));
    if (content === undefined) throw new Error('The demo is empty.');
    const broken = {
      ...content,
      log: [...content.log, { ...content.log[0], id: 'x', filterId: 'ghost' }],
    } as typeof content;
    expect(() => insertFilterContent(db, broken)).toThrow(/belongs to the filter “ghost”/);
    expect(counts(db)).toEqual(before);
  });

  it('runs a job from start to record', () => {
    const job = jobs.start(db, 'f', 'repack');
    expect(() => jobs.start(db, 'f', 'repack')).toThrow(ConflictError);
    const found = packs.get(db, job.doc.asFoundPackId);
    const layers = [plainLayer('a', 'foam-15', 'basket', 0.03), plainLayer('b', 'lava', 'basket', 0.05)];
    const aside = { ...plainLayer('c', 'rings-dense', 'basket', 0.04), treatment: 'spare' as const };
    const gone = { ...plainLayer('d', 'floss-bonded', 'basket', 0.01), treatment: 'throw away' as const };
    packs.update(db, found.version, { ...found.doc, layers: [...layers, aside, gone] });

    const planning = jobs.moveTo(db, job.doc.id, job.version, 'plan');
    const plan = packs.get(db, job.doc.plannedPackId);
    expect(plan.doc.layers).toEqual(layers);
    packs.update(db, plan.version, { ...plan.doc, layers: layers.slice(0, 1) });
    // Going back and forth must not overwrite the plan.
    const back = jobs.moveTo(db, job.doc.id, planning.version, 'strip');
    const again = jobs.moveTo(db, job.doc.id, back.version, 'repack');
    expect(packs.get(db, job.doc.plannedPackId).doc.layers).toHaveLength(1);

    expect(faultsOf(() => jobs.finish(db, job.doc.id, again.version))).toEqual([
      'Tick at least one layer before you finish.',
    ]);
    const step = { layerId: 'a', at: '2026-11-25T10:00:00Z', thickness: 0.028, mass: null, note: '' };
    const ticked = jobs.saveWork(db, job.doc.id, again.version, {
      packed: [step],
      outOfFlow: [{ from: '2026-11-25T09:30:00Z', to: null, parkedIn: '' }],
      parts: { impeller: 'worn' },
      ...UNPREPARED,
    });
    expect(ticked.doc.parts).toEqual({ impeller: 'worn' });
    const done = jobs.finish(db, job.doc.id, ticked.version);
    expect(done.doc.stage).toBe('done');
    // Finishing puts the media back into flow.
    expect(done.doc.outOfFlow[0]?.to).toBe(done.doc.finishedAt);
    expect(jobs.currentPack(db, 'f')?.layers).toMatchObject([{ id: 'a', thickness: 0.028 }]);
    expect(log.ofFilter(db, 'f').map((entry) => entry.kind)).toEqual(['repacked']);
    // The spare lies on the shelf, wet since the filter was off; what was thrown away does not.
    expect(shelf.get(db).doc.items).toMatchObject([
      { kind: 'loose', medium: 'rings-dense', wetSince: '2026-11-25T09:30:00.000Z' },
    ]);
    expect(faultsOf(() => jobs.moveTo(db, job.doc.id, done.version, 'plan'))).toEqual([
      'This repack is finished. Start a new one.',
    ]);
    // The next job begins with what is in the filter now.
    expect(packs.get(db, jobs.start(db, 'f', 'repack').doc.asFoundPackId).doc.layers).toHaveLength(1);
  });

  it('keeps layers, chambers and media together', () => {
    const job = jobs.start(db, 'f', 'repack').doc;
    const found = packs.get(db, job.asFoundPackId);
    const strange = { ...found.doc, layers: [plainLayer('a', 'moon-rock', 'basket', 0.03)] };
    expect(faultsOf(() => packs.update(db, 1, strange))[0]).toMatch(/moon-rock/);
    packs.update(db, 1, { ...found.doc, layers: [plainLayer('a', 'lava', 'basket', 0.03)] });
    const renamed = { ...filter, chambers: filter.chambers.map((chamber) => ({ ...chamber, id: 'other' })) };
    expect(faultsOf(() => filters.update(db, 1, renamed))[0]).toMatch(/move or remove the layer first/);
    expect(filters.get(db, 'f').version).toBe(1);
  });

  it('keeps one set of settings', () => {
    const first = settings.get(db);
    expect(first.doc).toMatchObject({ units: 'metric', locale: null });
    settings.update(db, first.version, { ...first.doc, units: 'us' });
    expect(settings.get(db).doc.units).toBe('us');
    expect(() => settings.update(db, first.version, first.doc)).toThrow(ConflictError);
  });

  it('drops a job but keeps the flows timed in it', () => {
    const job = jobs.start(db, 'f', 'repack').doc;
    log.add(db, { ...flow, jobId: job.id });
    jobs.drop(db, job.id);
    expect(log.ofFilter(db, 'f')).toEqual([flow]);
    expect(counts(db)).toEqual([1, 1, 0, 0, 1]);
  });

  it('removes a filter with all that is its own, and its tank with the last filter', () => {
    filters.insert(db, { ...filter, id: 'f2' });
    jobs.start(db, 'f', 'repack');
    log.add(db, flow);
    filters.remove(db, 'f');
    expect(counts(db)).toEqual([1, 1, 0, 0, 0]);
    filters.remove(db, 'f2');
    expect(counts(db)).toEqual([0, 0, 0, 0, 0]);
  });

  it('copies a filter out and in beside itself', () => {
    const [content] = demoContent(new Date('2026-11-25T12:00:00Z'));
    if (content === undefined) throw new Error('The demo is empty.');
    insertFilterContent(db, content);
    expect(readFilterContent(db, content.filter.id)).toEqual(content);
    const copy = addFilterContent(db, content);
    const read = readFilterContent(db, copy.doc.id);
    expect(read.packs.map((pack) => pack.layers)).toEqual(content.packs.map((pack) => pack.layers));
    expect(read.jobs.map((job) => job.stage)).toEqual(content.jobs.map((job) => job.stage));
    expect(read.log).toHaveLength(content.log.length);
    expect(copy.doc.id).not.toBe(content.filter.id);
  });
});
