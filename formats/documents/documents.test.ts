import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { DEFAULT_SETTINGS } from '@/core/settings/settings';
import { EMPTY_SHELF } from '@/core/shelf/shelf';
import { readNeatLayerFile } from '../readNeatLayerFile';
import { SCHEMA_VERSION } from './kinds';
import { readDocument, readDocumentText } from './readDocument';
import { repairDocument } from './repairDocument';

const FIXTURES = path.join(import.meta.dirname, 'fixtures');
/** A file as the app of a version wrote it: one filter with a repack, its packs and an entry of each kind. */
const fixture = (version: number): string =>
  readFileSync(path.join(FIXTURES, `v${version}.neatlayer.json`), 'utf8');
interface Raw {
  readonly filter: { readonly tankRating: unknown; readonly spill: Record<string, unknown> | null };
  readonly packs: readonly Record<string, unknown>[];
  readonly jobs: readonly Record<string, unknown>[];
}
const old = JSON.parse(fixture(1)) as Raw;

const layer = { ...plainLayer('a', 'foam-30', 'basket', 0.03) };
const pack = { id: 'p', filterId: 'f', role: 'planned', name: 'Plan', layers: [layer], visits: [] };

describe('documents of older versions', () => {
  it('has a fixture of every version before this one', () => {
    expect(readdirSync(FIXTURES)).toEqual(
      Array.from({ length: SCHEMA_VERSION - 1 }, (_, version) => `v${version + 1}.neatlayer.json`),
    );
  });

  it.each(Array.from({ length: SCHEMA_VERSION - 1 }, (_, version) => version + 1))(
    'reads the file of version %s',
    (version) => {
      expect(readNeatLayerFile(fixture(version))).toMatchObject({ ok: true });
    },
  );

  it('gives everything of version 1 its new name and loses nothing', () => {
    const before = old.packs[0]?.layers as Record<string, unknown>[];
    const read = readDocument('pack', old.packs[0], 1);
    if (!read.ok) throw new Error(read.faults.join(' '));
    expect(read.doc.layers.map((item) => [item.compressionRatio, item.installedOn, item.treatment])).toEqual(
      before.map((item) => [item.pressed, item.since, item.fate]),
    );
    const filter = readDocument('filter', old.filter, 1);
    expect(filter.ok && filter.doc.spill?.recirculated).toBe(old.filter.spill?.sentRound);
    const planning = readDocument('job', { ...old.jobs[0], stage: 'layer' }, 1);
    expect(planning.ok && planning.doc.stage).toBe('plan');
  });

  it('translates every treatment and every work of a visit', () => {
    const treated = (fate: string, work: string) => ({
      ...pack,
      layers: [
        { ...layer, fate, pressed: 1, since: null, compressionRatio: undefined, treatment: undefined },
      ],
      visits: [{ day: 30, works: [{ layerId: 'a', work }] }],
    });
    const read = (fate: string, work: string) => {
      const found = readDocument('pack', JSON.parse(JSON.stringify(treated(fate, work))), 1);
      return found.ok ? [found.doc.layers[0]?.treatment, found.doc.visits[0]?.works[0]?.work] : found.faults;
    };
    expect(read('swish', 'swish')).toEqual(['rinse', 'rinse']);
    expect(read('retire', 'replace')).toEqual(['replace in stages', 'replace']);
    expect(read('discard', 'squeeze')).toEqual(['throw away', 'squeeze']);
    expect(read('keep', 'squeeze')).toEqual(['keep', 'squeeze']);
  });

  it('gives a pack of before visits were planned none', () => {
    const { visits, ...without } = old.packs[0] ?? {};
    expect(visits).toEqual([]);
    const read = readDocument('pack', without, 1);
    expect(read.ok && read.doc.visits).toEqual([]);
    // In version 2 they belong to it: leaving them out is a fault.
    expect(readDocument('pack', { ...pack, visits: undefined }, 2)).toMatchObject({
      ok: false,
      faults: [expect.stringMatching(/^visits: /)],
    });
  });

  it('gives the layers of a filter of version 3 neither own media nor a mixture', () => {
    const read = readNeatLayerFile(fixture(3));
    const layers = read.ok ? read.file.packs.flatMap((item) => item.layers) : [];
    expect(layers.length).toBeGreaterThan(1);
    for (const { own, mix } of layers) expect([own, mix]).toEqual([null, null]);
  });

  it('gives the filter of a filter of version 4 no open edge', () => {
    const read = readNeatLayerFile(fixture(4));
    expect(read.ok && read.file.filter.openEdge).toBeNull();
  });

  it('gives a filter of version 5 straight chambers, and a repack that nothing was got ready for', () => {
    const read = readNeatLayerFile(fixture(5));
    if (!read.ok) throw new Error(read.faults.join(' '));
    for (const { cornerRadius, narrows } of read.file.filter.chambers)
      expect([cornerRadius, narrows]).toEqual([0, 0]);
    expect(read.file.jobs.length).toBeGreaterThan(0);
    for (const { repackOn, prepared, cut } of read.file.jobs)
      expect([repackOn, prepared, cut]).toEqual([null, [], null]);
  });

  it('gives settings of version 5 a currency, and knows no shelf before version 6', () => {
    const { currency, electricityPrice, ...before } = DEFAULT_SETTINGS;
    const read = readDocument('settings', before, 5);
    expect(read).toEqual({ ok: true, doc: DEFAULT_SETTINGS });
    expect([currency, electricityPrice]).toEqual(['EUR', null]);
    expect(readDocument('settings', { ...DEFAULT_SETTINGS, currency: 'euros' }, 6)).toMatchObject({
      ok: false,
      faults: [expect.stringMatching(/three capital letters/)],
    });
    expect(readDocument('shelf', EMPTY_SHELF, 6)).toEqual({ ok: true, doc: EMPTY_SHELF });
    const torn = { ...EMPTY_SHELF, items: [{ kind: 'bag', id: 'b', volume: 1e-3 }, 'nothing'] };
    const repaired = repairDocument('shelf', torn, 6);
    expect(repaired?.doc).toMatchObject({ items: [{ kind: 'bag', count: 0, label: '', price: null }] });
  });

  it('gives a repack of a filter of version 6 no ticks', () => {
    const read = readNeatLayerFile(fixture(6));
    if (!read.ok) throw new Error('It is not read.');
    expect(read.file.jobs.length).toBeGreaterThan(0);
    expect(read.file.jobs.every(({ ticks }) => ticks.length === 0)).toBe(true);
  });

  it('knows neither lid nor room of a filter of version 7', () => {
    const read = readNeatLayerFile(fixture(7));
    if (!read.ok) throw new Error(read.faults.join(' '));
    const { cover, room } = read.file.tank;
    expect([cover, room]).toEqual([null, { temperature: null, humidity: null }]);
    const { filterOrder, away, ...before } = DEFAULT_SETTINGS;
    expect(readDocument('settings', before, 7)).toEqual({ ok: true, doc: DEFAULT_SETTINGS });
    expect([filterOrder, away]).toEqual([[], null]);
  });

  it('makes a bed of the zeolite in a swap of version 5, which took so much a day', () => {
    const read = readNeatLayerFile(fixture(5));
    const pieces = read.ok ? (read.file.filter.swap?.pieces ?? []) : [];
    // By hand: 1 mg a day for 28 days at 0.25 mg/L, where 2.4 % of it is filled.
    expect(pieces[0]?.zeolite?.capacity).toBeCloseTo(28e-6 / 0.02439, 5);
    expect(pieces[1]?.zeolite).toBeNull();
  });

  it.each([
    ['a newer version', '{}', SCHEMA_VERSION + 1, /newer version of the app/],
    ['no version', '{}', 0, /does not say which version/],
    ['half of it', '{"id":', 2, /not complete/],
    ['a list', '[]', 2, /not an object/],
  ])('says what is wrong with %s, and never throws', (_, text, version, message) => {
    const read = readDocumentText('pack', text, version);
    expect(!read.ok && read.faults[0]).toMatch(message);
  });
});

describe('repairDocument', () => {
  it('leaves what can be read as it is', () => {
    expect(repairDocument('pack', pack, SCHEMA_VERSION)).toEqual({ doc: pack, changes: [] });
  });

  it('fills in what is missing, bounds what is not, and leaves out what cannot be mended', () => {
    const broken = {
      ...pack,
      visits: undefined,
      layers: [
        { ...layer, thickness: -4, signs: undefined },
        { ...layer, id: 'b', chamber: undefined },
        { ...layer, id: 'c' },
      ],
    };
    const repaired = repairDocument('pack', broken, SCHEMA_VERSION);
    expect(repaired?.doc.layers).toEqual([
      { ...layer, thickness: 0.02 },
      { ...layer, id: 'c' },
    ]);
    expect(repaired?.doc.visits).toEqual([]);
    expect(repaired?.changes).toHaveLength(4);
    expect(repaired?.changes.join(' ')).toMatch(/Thickness must be .* It is reset to the default/);
    expect(repaired?.changes.join(' ')).toMatch(/layers 2, chamber: .* It is removed/);
  });

  it('repairs a filter without chambers and a tank without water', () => {
    const filter = repairDocument('filter', { ...old.filter, chambers: [] }, 1);
    expect(filter?.doc.chambers.length).toBeGreaterThan(0);
    const tank = repairDocument('tank', { id: 't', water: { how: 'known', volume: 'much' } }, SCHEMA_VERSION);
    expect(tank?.doc).toMatchObject({ id: 't', name: 'Tank', water: { volume: 0.05 } });
  });

  it('gives up where nothing says what it was', () => {
    expect(repairDocument('pack', { layers: [] }, SCHEMA_VERSION)).toBeNull();
    expect(repairDocument('job', 'torn', SCHEMA_VERSION)).toBeNull();
  });
});
