import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { EMPTY_SHELF, type Shelf, type ShelfItem } from '../shelf/shelf';

import { formatSentence } from '../units/sentence';
import { stockWarnings, type StockFilter } from './stockWarnings';

const NOW = '2026-11-27T12:00:00.000Z';
const filter = presetFilter('internal-compartments', { id: 'f', tankId: 't' }, 'Back room');
const place = filter.chambers[0]!.id;
const layers = [
  plainLayer('floss', 'floss-bonded', place, 0.02),
  plainLayer('cart', 'cartridge', place, 0.01),
];
/** Packed today: days of the plan are days from now. */
const packedAt = NOW;
const visit = (day: number, ...layerIds: string[]) => ({
  ...{ day, lifts: [], minutes: 10, why: 'used up' as const },
  works: layerIds.map((layerId) => ({ layerId, work: 'replace' as const })),
});
const of = (visits: ReturnType<typeof visit>[], due: StockFilter['due'] = []): StockFilter => ({
  ...{ filter, layers, due },
  ahead: { packedAt, visits },
});
const shelf = (...items: object[]): Shelf => ({
  ...EMPTY_SHELF,
  items: items.map((item, index) => ({ id: `${index}`, label: '', price: null, ...item }) as ShelfItem),
});
const sheet = (count: number) => ({
  ...{ kind: 'sheet', medium: 'floss-bonded', length: 0.1, width: 0.1, thickness: 0.02, offcut: false },
  count,
});
const said = (filters: StockFilter[], on: Shelf): [number, string][] =>
  stockWarnings(filters, on, NOW).map(({ inDays, says }) => [
    inDays,
    formatSentence(says).replaceAll('\u00a0', ' '),
  ]);

describe('stockWarnings', () => {
  it('says nothing where the shelf is not used, where there is enough, or where nothing is renewed soon', () => {
    expect(said([of([visit(5, 'floss')])], EMPTY_SHELF)).toEqual([]);
    expect(said([of([visit(5, 'floss')])], shelf(sheet(20)))).toEqual([]);
    expect(said([of([visit(60, 'floss')])], shelf(sheet(0)))).toEqual([]);
    expect(said([{ ...of([]), ahead: null }], shelf(sheet(0)))).toEqual([]);
  });

  it('adds up over filters and visits, and says from when there is not enough', () => {
    const [[days, words] = []] = said([of([visit(5, 'floss'), visit(35, 'floss')])], shelf(sheet(1)));
    // One sheet of 0.2 L: the pads of the preset are larger, so the first cannot be cut of it.
    expect(days).toBe(5);
    expect(words).toMatch(/^Bonded floss pad: .* L for Back room, 0.20 L on the shelf\.$/);
    const other = { ...of([visit(20, 'cart')]), filter: { ...filter, name: 'Shop' } };
    expect(
      said([of([visit(10, 'cart')]), other], shelf({ kind: 'piece', medium: 'cartridge', count: 1 })),
    ).toEqual([[20, 'Disposable cartridge, floss and carbon: 2 for Back room and Shop, 1 on the shelf.']]);
  });

  it('looks at what is there of that medium alone, sheets and loose floss together', () => {
    const loose = (medium: string, volume: number) => ({ kind: 'loose', medium, volume, dry: true });
    const pad = [of([visit(5, 'floss')])];
    const other = shelf({ ...sheet(20), medium: 'foam-30' }, loose('carbon', 1), {
      ...{ kind: 'bag', length: 0.2, width: 0.15, count: 9 },
    });
    expect(said(pad, other)[0]![1]).toMatch(/none on the shelf/);
    expect(said(pad, shelf(loose('floss-bonded', 0.1)))).toEqual([]);
    // Two thirds in sheets and the rest loose.
    const [, need] = /: ([\d.]+) L for/.exec(said(pad, other)[0]![1])!;
    const litres = Number(need) / 1000;
    const thin = { ...sheet(1), thickness: ((2 / 3) * litres) / 0.01 };
    expect(said(pad, shelf(thin, loose('floss-bonded', 0.4 * litres)))).toEqual([]);
    expect(said(pad, shelf(thin, loose('floss-bonded', 0.25 * litres)))).toHaveLength(1);
    // A piece counts as a piece, never as litres.
    expect(said([of([visit(5, 'cart')])], shelf(loose('cartridge', 1)))).toHaveLength(1);
  });

  it('lists what is wanted soonest first, of whichever filter, and only what is renewed', () => {
    const soon = { ...of([visit(2, 'cart')]), filter: { ...filter, name: 'Shop' } };
    const late = of([visit(20, 'cart'), visit(4, 'floss')]);
    const one = shelf({ kind: 'piece', medium: 'cartridge', count: 1 });
    const all = said([late, soon], one);
    expect(all.map(([days]) => days)).toEqual([4, 20]);
    expect(said([late, soon], shelf(sheet(0))).map(([days]) => days)).toEqual([2, 4]);
    const squeezed = [{ ...visit(2), works: [{ layerId: 'floss', work: 'squeeze' as const }] }];
    expect(said([{ ...of([]), ahead: { packedAt, visits: squeezed } }], shelf(sheet(0)))).toEqual([]);
  });

  it('counts what is overdue as wanted now, and knows nothing of a former layer', () => {
    const late = {
      ...of([visit(3, 'cart'), visit(4, 'gone')]),
      ahead: { packedAt: '2026-10-01T00:00:00.000Z', visits: [visit(3, 'cart'), visit(4, 'gone')] },
    };
    expect(said([late], shelf(sheet(0)))).toEqual([
      [0, 'Disposable cartridge, floss and carbon: 1 for Back room, 0 on the shelf.'],
    ]);
  });

  it('asks for a spare only where the keeper keeps it, and for one however often it is used', () => {
    const due = [
      { key: 'water t', inDays: 2 },
      { key: 'sponge f', inDays: 9 },
    ];
    const bottle = (count: number) => ({ kind: 'spare', part: 'dechlorinator', count });
    expect(said([of([], due)], shelf(bottle(0)))).toEqual([
      [2, 'Dechlorinator: none on the shelf, for Back room.'],
    ]);
    expect(said([of([], [...due, { key: 'water t', inDays: 9 }])], shelf(bottle(1)))).toEqual([]);
    expect(said([of([], due)], shelf(sheet(1)))).toEqual([]);
  });
});
