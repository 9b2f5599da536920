import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { plainLayer } from '../layers/plainLayer';
import { presetFilter } from '../filter/presetFilter';
import type { LogEntry } from '../log/logEntry';
import { EMPTY_SHELF } from '../shelf/shelf';
import { careMonths, type CareMonthsInput } from './careMonths';

const base = presetFilter('internal-compartments', { id: 'paper', tankId: 't' }, 'Paper');
const filter = { ...base, pump: { ...base.pump, power: 10 } };
const place = filter.chambers[0]!.id;
const layers = [plainLayer('floss', 'cartridge', place, 0.01), plainLayer('foam', 'foam-30', place, 0.02)];
const entry = (at: string, content: object): LogEntry =>
  ({
    id: at,
    filterId: 'paper',
    jobId: null,
    note: '',
    at: `2026-${at}T12:00:00.000Z`,
    ...content,
  }) as LogEntry;
const service = (at: string, ...works: (readonly [string | null, string])[]): LogEntry =>
  entry(at, { kind: 'service', flowWas: 'fine', works: works.map(([layerId, work]) => ({ layerId, work })) });
const shelf = {
  ...EMPTY_SHELF,
  items: [{ kind: 'piece', id: 'c', label: '', medium: 'cartridge', count: 1, price: 4 } as const],
};
const input: CareMonthsInput = { filter, layers, log: [], ahead: null, shelf, electricityPrice: 0.3 };

describe('careMonths', () => {
  it('counts all months from one to another, over the turn of a year, and none backwards', () => {
    expect(careMonths(input, '2025-11', '2026-02').map(({ month }) => month)).toEqual([
      '2025-11',
      '2025-12',
      '2026-01',
      '2026-02',
    ]);
    expect(careMonths(input, '2026-02', '2026-01')).toEqual([]);
  });

  it('sums what was done: minutes as a visit takes them, money by the price on the shelf', () => {
    const log = [
      // 6 to open, 2 to lift the lid, 4 for each of two layers.
      service('03-02', ['floss', 'replaced'], ['foam', 'squeezed']),
      // 6 to open, 4 for the part.
      service('03-20', [null, 'impeller cleaned']),
      // A layer that is no longer in the filter costs its minutes, and nobody knows its price.
      service('04-01', ['gone', 'replaced']),
      { ...service('03-05', ['floss', 'replaced']), filterId: 'another' },
    ];
    const [march, april] = careMonths({ ...input, log }, '2026-03', '2026-04');
    expect(march?.done).toEqual({ minutes: 26, money: 4, unpriced: 0 });
    expect(april?.done).toEqual({ minutes: 10, money: 0, unpriced: 1 });
    // 10 W over a twelfth of a year at 0.30: watts × hours × price (by definition).
    expect(march?.electricity).toBeCloseTo((0.01 * 24 * 365.25 * 0.3) / 12, 6);
    expect(careMonths({ ...input, electricityPrice: null }, '2026-03', '2026-03')[0]?.electricity).toBeNull();
  });

  it('opens nothing for an air-driven filter, which stands in the tank', () => {
    const log = [service('03-02', [null, 'air-driven filter squeezed'])];
    expect(careMonths({ ...input, log }, '2026-03', '2026-03')[0]?.done.minutes).toBe(4);
  });

  it('puts planned visits into the months they fall in', () => {
    const visit = { lifts: [], why: 'flow' as const, minutes: 14 };
    const ahead = {
      packedAt: '2026-03-01T12:00:00.000Z',
      visits: [
        { ...visit, day: 20, works: [{ layerId: 'floss', work: 'replace' as const }] },
        { ...visit, day: 40, works: [{ layerId: 'foam', work: 'squeeze' as const }] },
      ],
    };
    const [march, april] = careMonths({ ...input, ahead }, '2026-03', '2026-04');
    expect(march?.planned).toEqual({ minutes: 14, money: 4, unpriced: 0 });
    expect(april?.planned).toEqual({ minutes: 14, money: 0, unpriced: 0 });
  });

  it('says what was read: the mean flow, the highest of each test', () => {
    const test = (at: string, ammonia: number | null, nitrate: number | null): LogEntry =>
      entry(at, { kind: 'test', ammonia, nitrite: null, nitrate, pH: null, scale: 'nitrogen' });
    const flow = (at: string, seconds: number): LogEntry =>
      entry(at, { kind: 'flow', moment: 'between', jugVolume: 1e-3, seconds: [seconds] });
    const log = [test('03-02', 1e-4, null), test('03-09', 3e-4, 4e-3), flow('03-01', 10), flow('03-03', 20)];
    const [march] = careMonths({ ...input, log }, '2026-03', '2026-03');
    expect(march).toMatchObject({ ammonia: 3e-4, nitrite: null, nitrate: 4e-3 });
    expect(march?.flow).toBeCloseTo((1e-4 + 0.5e-4) / 2, 9);
  });

  it('counts a repack of the demo as a visit to all of its layers', () => {
    const { filter: sill, layers: inIt } = WATERS.find(({ filter: { id } }) => id === 'window-sill')!;
    const log = [{ ...entry('03-02', { kind: 'repacked' }), filterId: sill.id }];
    const [march] = careMonths({ ...input, filter: sill, layers: inIt, log }, '2026-03', '2026-03');
    expect(march?.done.minutes).toBeGreaterThanOrEqual(6 + 4 * inIt.length);
  });
});
