import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../media/catalogue';
import type { Filter } from '../filter/filter';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { formatSentence } from '../units/sentence';
import { aloneOn } from './surroundings';
import { evaluatePack } from './evaluatePack';
import { newTank } from '../tank/newTank';
import type { Layer } from '../layers/layer';
import { applyEdit } from '../pack/packEdit';
import { plainLayer } from '../layers/plainLayer';

const tank = newTank('t', 'Test', 0.2);
const filterOf = (kind: FilterKind): Filter => presetFilter(kind, { id: 'f', tankId: 't' }, kind);
const basket = filterOf('hang-on-back-basket');
const evaluate = (filter: Filter, layers: Layer[], flow: number | null = null) =>
  evaluatePack({ ...aloneOn(tank), filter, layers, flow });
const inBasket = (...rows: [string, number][]): Layer[] =>
  rows.map(([medium, thickness], index) => plainLayer(`l${index}`, medium, 'basket', thickness));
const rulesOf = (layers: Layer[], filter = basket): string[] =>
  evaluate(filter, layers).findings.map((finding) => finding.rule);
const faultsOf = (layers: Layer[], filter = basket): string[] =>
  evaluate(filter, layers)
    .findings.filter((finding) => finding.level !== 'note')
    .map((finding) => finding.rule);

const GOOD = inBasket(['foam-15', 0.03], ['foam-30', 0.02], ['foam-45', 0.015], ['sintered-glass', 0.04]);

describe('volumes, masses and sizing', () => {
  // Source: porous mineral media about 0.65–0.7 kg per litre of tray poured, to about 0.85 placed; two small bags
  // about 0.7 of one large one (common practice, no source).
  it('fills a tray as the trade weighs it', () => {
    const canister = filterOf('canister-centre-pipe');
    const square: Filter = {
      ...canister,
      chambers: canister.chambers.map((tray) => ({
        ...tray,
        shape: { form: 'box', length: 0.1, width: 0.1 },
        depth: 0.1,
      })),
    };
    const litre = plainLayer('a', 'sintered-glass', 'tray-1', 0.1);
    const massOf = (layer: Layer): number => evaluate(square, [layer]).totals.dryMass;
    expect(massOf(litre)).toBeGreaterThanOrEqual(0.65);
    expect(massOf(litre)).toBeLessThanOrEqual(0.7);
    expect(massOf({ ...litre, placed: true })).toBeCloseTo(0.85, 1);
    expect(massOf({ ...litre, holder: 'small bags' }) / massOf({ ...litre, holder: 'bag' })).toBeCloseTo(
      0.7,
      6,
    );
  });

  // Source: 1 kg per 100 L at normal stock, 2 kg at heavy stock: 3 kg → 300 / 150 L; 5× turnover of 90 L → 450 L/h
  // (common practice, no source).
  it('sizes by weight and by turnover as the trade does', () => {
    const canister = filterOf('canister-centre-pipe');
    const tray = plainLayer('a', 'sintered-glass', 'tray-1', 0.08);
    const item = evaluate(canister, [tray]);
    const thickness = (tray.thickness * 3) / item.sizing.weighedMass;
    const three = evaluate(canister, [{ ...tray, thickness }]);
    expect(three.sizing.weighedMass).toBeCloseTo(3, 9);
    expect(three.sizing.normalStockVolume).toBeCloseTo(0.3, 9);
    expect(three.sizing.heavyStockVolume).toBeCloseTo(0.15, 9);
    const small = evaluatePack({
      ...aloneOn(newTank('t', 'Test', 0.09)),
      filter: basket,
      layers: [],
      flow: 0.45 / 3600,
    });
    expect(small.sizing.usualFlow * 3600).toBeCloseTo(0.45, 9);
    expect((small.turnover ?? 0) * 3600).toBeCloseTo(5, 9);
  });

  it('measures a short pad, what it leaves open and what is free', () => {
    const pad: Layer = {
      ...plainLayer('a', 'foam-30', 'basket', 0.03),
      cut: { length: 0.108, width: 0.068 },
    };
    const { layers, chambers, totals } = evaluate(basket, [pad]);
    expect(layers[0]?.coverShare).toBeCloseTo((108 * 68) / (120 * 80), 9);
    expect(layers[0]?.wallGap).toBeCloseTo(0.006, 9);
    expect(totals.volume).toBeCloseTo(0.03 * 0.108 * 0.068, 12);
    expect(chambers[0]?.freeDepth).toBeCloseTo(0.075, 9);
    expect(totals.freeVolume).toBeCloseTo(0.105 * 0.12 * 0.08 - 0.03 * 0.108 * 0.068, 12);
  });

  it('says how far a stack stands over the stop, and not for a stack that just fits', () => {
    expect(evaluate(basket, inBasket(['foam-15', 0.05], ['lava', 0.06])).totals.overfill).toBeCloseTo(
      0.005,
      9,
    );
    expect(evaluate(basket, inBasket(['foam-15', 0.045], ['lava', 0.06])).totals.overfill).toBe(0);
  });

  it('gives the same volume, mass and surface whatever the order of the layers', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(GOOD, { minLength: GOOD.length }), (shuffled) => {
        const [a, b] = [evaluate(basket, GOOD).totals, evaluate(basket, shuffled).totals];
        for (const key of ['volume', 'dryMass', 'drainedMass', 'biologicalSurface', 'freeVolume'] as const)
          expect(b[key]).toBeCloseTo(a[key], 12);
      }),
    );
  });

  it('never reports anything but finite numbers', () => {
    const arbitrary = fc.array(
      fc.record({
        medium: fc.constantFrom(
          'foam-15',
          'foam-45',
          'floss-bonded',
          'lava',
          'carbon',
          'rings-dense',
          'cartridge',
        ),
        chamber: fc.constantFrom('perimeter', 'tray-1', 'tray-2'),
        thickness: fc.double({ min: 0.002, max: 2, noNaN: true }),
      }),
      { maxLength: 60 },
    );
    fc.assert(
      fc.property(arbitrary, (rows) => {
        const layers = rows.map((row, index) =>
          plainLayer(`l${index}`, row.medium, row.chamber, row.thickness),
        );
        const report = evaluate(filterOf('canister-outside-in'), layers, 1e-4);
        const numbers = JSON.stringify(report, (_, value: unknown) =>
          typeof value === 'number' && !Number.isFinite(value) ? 'NOT FINITE' : value,
        );
        expect(numbers).not.toContain('NOT FINITE');
      }),
      { numRuns: 60 },
    );
  });

  it('refuses media and chambers that are not there', () => {
    expect(() => evaluate(basket, inBasket(['moon-rock', 0.03]))).toThrow(/Layer 1 .*moon-rock/);
    expect(() => evaluate(basket, [plainLayer('a', 'lava', 'attic', 0.03)])).toThrow(/attic/);
  });
});

// Source of every rule below: the order of layers and its exceptions as the trade gives them (common practice, no source).
describe('findings', () => {
  it('has nothing against a pack in order', () => {
    expect(faultsOf(GOOD)).toEqual([]);
  });

  it.each<[string, Layer[], string[]]>([
    ['coarse after fine', inBasket(['foam-45', 0.03], ['foam-15', 0.03], ['lava', 0.04]), ['grade-order']],
    ['foam after the stone', inBasket(['foam-15', 0.03], ['lava', 0.04], ['foam-30', 0.03]), ['stage-order']],
    [
      'a fine pad last with nothing fine before',
      inBasket(['foam-15', 0.04], ['lava', 0.05], ['floss-bonded', 0.015]),
      ['polishing-pad'],
    ],
    ['stone alone', inBasket(['lava', 0.1]), ['nothing-mechanical']],
    ['carbon first', inBasket(['carbon', 0.02], ['foam-15', 0.04], ['lava', 0.04]), ['chemical-place']],
    // So thick a cartridge, and a wrapped bag, hold the water back; it goes over the basket’s open edge.
    ['one cartridge for all', inBasket(['cartridge', 0.1]), ['cartridge-only']],
    ['a half-empty basket', inBasket(['foam-15', 0.03], ['foam-30', 0.02]), ['flowed-over', 'empty-space']],
    [
      'dense rings alone as biological media',
      inBasket(['foam-15', 0.05], ['rings-dense', 0.05]),
      ['weak-biological-media'],
    ],
    ['too much', inBasket(['foam-15', 0.06], ['lava', 0.06]), ['overfill']],
    [
      'stone in its wrapper',
      GOOD.map((layer) =>
        layer.medium === 'sintered-glass' ? { ...layer, holder: 'wrapper' as const } : layer,
      ),
      ['still-wrapped'],
    ],
    [
      'a short pad',
      GOOD.map((layer, index) => (index === 1 ? { ...layer, cut: { length: 0.11, width: 0.07 } } : layer)),
      ['short-piece'],
    ],
  ])('finds %s, and only that', (_, layers, expected) => {
    expect(faultsOf(layers)).toEqual(expected);
  });

  it.each<[string, Layer[], string]>([
    ['foam only', inBasket(['foam-30', 0.1]), 'foam-only'],
    ['floss first', inBasket(['floss-bonded', 0.015], ['foam-15', 0.04], ['lava', 0.045]), 'floss-first'],
    [
      'a second fine pad at the end',
      inBasket(['foam-15', 0.03], ['foam-45', 0.02], ['lava', 0.04], ['floss-bonded', 0.01]),
      'polishing-pad',
    ],
  ])('gives the reason for %s and calls it no fault', (_, layers, rule) => {
    expect(faultsOf(layers)).toEqual([]);
    expect(rulesOf(layers)).toContain(rule);
  });

  it('lets rings settle first in an up-flow canister, and its open bottom too', () => {
    const canister = filterOf('canister-centre-pipe');
    const full = (id: string, medium: string, chamber: string): Layer =>
      plainLayer(id, medium, chamber, 0.08);
    const upper = [
      full('b', 'foam-15', 'tray-2'),
      full('c', 'foam-45', 'tray-3'),
      full('d', 'lava', 'tray-4'),
    ];
    const rings = [full('a', 'rings-dense', 'tray-1'), ...upper];
    expect(faultsOf(rings, canister)).toEqual([]);
    expect(rulesOf(rings, canister)).toContain('settlement-first');
    expect(faultsOf(upper, canister)).toEqual([]);
    expect(rulesOf(upper, canister)).toContain('open-bottom');
    expect(faultsOf(upper, filterOf('canister-down-flow'))).not.toEqual([]);
  });

  it('lets carbon sit in the top tray of a down-flow canister, for access', () => {
    const canister = filterOf('canister-outside-in');
    const layers = [
      plainLayer('a', 'foam-15', 'perimeter', 0.03),
      plainLayer('b', 'carbon', 'tray-3', 0.08),
      plainLayer('c', 'lava', 'tray-2', 0.08),
      plainLayer('d', 'lava', 'tray-1', 0.08),
    ];
    expect(faultsOf(layers, canister)).toEqual([]);
    expect(rulesOf(layers, canister)).toContain('chemical-place');
  });

  // By hand: 0.48 L of 30 ppi with 1,114 m²/m³, of which 0.8 count, and as much sintered glass with 275, of which 2 do.
  it('counts the surface of every layer', () => {
    const { biologicalSurface, biologicalSurfaceRange } = evaluate(
      basket,
      inBasket(['foam-30', 0.05], ['sintered-glass', 0.05]),
    ).totals;
    expect(biologicalSurface).toBeCloseTo(0.48e-3 * (0.8 * 1114.3 + 2 * 275), 3);
    expect(biologicalSurfaceRange.low).toBeCloseTo(0.48e-3 * (0.6 * 1114.3 + 275), 3);
    expect(biologicalSurfaceRange.high).toBeCloseTo(0.48e-3 * (1114.3 + 3 * 275), 3);
  });

  // By hand: of two media in one bed masses and surfaces add by volume; the head is that of the Ergun grain of both.
  it('takes a mixture as the sum of its parts, and as tight as it is said to be', () => {
    const both = (porosity: number | null) =>
      evaluate(basket, [
        {
          ...plainLayer('mix', 'sintered-glass', 'basket', 0.05),
          mix: { parts: [{ medium: 'granules', own: null, share: 0.4 }], porosity },
        },
      ]);
    const alone = (id: string) => evaluate(basket, inBasket([id, 0.05])).totals;
    const [glass, granules] = [alone('sintered-glass'), alone('granules')];
    const mixed = both(null);
    expect(mixed.totals.dryMass).toBeCloseTo(0.6 * glass.dryMass + 0.4 * granules.dryMass, 9);
    expect(mixed.totals.biologicalSurface).toBeCloseTo(
      0.6 * glass.biologicalSurface + 0.4 * granules.biologicalSurface,
      9,
    );
    expect(both(0.3).totals.biologicalSurface).toBeCloseTo(mixed.totals.biologicalSurface, 9);
    const headOf = ({ layers }: typeof mixed): number => layers[0]?.head ?? 0;
    expect(headOf(both(0.3))).toBeGreaterThan(2 * headOf(mixed));
  });

  it('never loses surface when a medium is added', () => {
    const before = evaluate(basket, inBasket(['foam-30', 0.05])).totals.biologicalSurface;
    for (const { id } of CATALOGUE) {
      const after = evaluate(basket, inBasket(['foam-30', 0.05], [id, 0.03])).totals.biologicalSurface;
      expect(after).toBeGreaterThanOrEqual(before);
    }
  });

  // Common practice, no source: a disposable cartridge is the poorest home that bacteria have in a filter.
  it('ranks media for bacteria as the trade does', () => {
    const surfaceOf = (id: string): number => evaluate(basket, inBasket([id, 0.03])).totals.biologicalSurface;
    const ranked = ['foam-45', 'foam-30', 'sintered-glass', 'scrubbers', 'rings-dense'];
    for (const id of ['foam-30', 'foam-45', 'sintered-glass', 'porous-ceramic'])
      expect(surfaceOf(id)).toBeGreaterThan(surfaceOf('cartridge'));
    expect(surfaceOf('rings-dense')).toBeLessThan(Math.min(...ranked.slice(0, 4).map(surfaceOf)));
    expect(surfaceOf('balls')).toBeLessThan(surfaceOf('scrubbers'));
  });

  it('offers remedies that mend what they name', () => {
    const bad: Layer[] = [
      { ...plainLayer('coarse', 'foam-15', 'basket', 0.03), cut: { length: 0.108, width: 0.068 } },
      plainLayer('stone', 'sintered-glass', 'basket', 0.045),
      { ...plainLayer('fine', 'foam-45', 'basket', 0.015), cut: { length: 0.11, width: 0.07 } },
      { ...plainLayer('medium', 'foam-30', 'basket', 0.02), cut: { length: 0.11, width: 0.07 } },
    ];
    let layers = bad;
    for (let round = 0; round < 10; round += 1) {
      const remedy = evaluate(basket, layers).findings.find(
        (finding) => finding.level !== 'note' && finding.remedy,
      )?.remedy;
      if (remedy === undefined) break;
      layers = applyEdit(layers, remedy.edit);
    }
    expect(faultsOf(layers)).toEqual([]);
    expect(layers.map((layer) => layer.id)).toEqual(['coarse', 'medium', 'fine', 'stone']);
  });

  it('speaks in the keeper’s units', () => {
    const [finding] = evaluate(basket, inBasket(['foam-15', 0.06], ['lava', 0.06])).findings;
    expect(formatSentence(finding?.title ?? [])).toBe('Basket: 1.5 cm of media above the fill limit.');
    expect(formatSentence(finding?.title ?? [], { system: 'us' })).toBe(
      'Basket: 0.59 in of media above the fill limit.',
    );
  });
});
