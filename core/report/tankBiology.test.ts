import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import { packCycle, repackedMedia, tankBiology } from './tankBiology';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const tank = {
  ...newTank('t', 'Test', 0.2),
  feed: { amount: { by: 'weight' as const, perDay: 2e-3 }, protein: 0.4 },
};
const layers: Layer[] = [
  plainLayer('a', 'foam-30', 'tray-4', 0.04),
  plainLayer('b', 'porous-ceramic', 'tray-3', 0.08),
  plainLayer('c', 'porous-ceramic', 'tray-2', 0.08),
];
const pack = { tank, filter, layers, others: [], now: null };
const treated = (...treatments: Layer['treatment'][]): Layer[] =>
  layers.map((layer, index) => ({ ...layer, treatment: treatments[index] ?? null }));
const keptOf = (
  found: readonly Layer[],
  now = layers,
  rinse: 'tank water' | 'tap water' = 'tank water',
  alive = 1,
) => repackedMedia({ ...pack, layers: now }, found, rinse, alive).kept;

describe('tankBiology', () => {
  it('counts air-driven filters, and other filters on the tank', () => {
    const alone = tankBiology(pack)!;
    const air = { id: 'x', kind: 'sponge' as const, medium: 'foam-30', volume: 1e-3, installedOn: null };
    // By hand: a litre of 30 ppi has 1.11 m², eight tenths of it usable.
    expect(
      tankBiology({ ...pack, tank: { ...tank, airFilters: [air] } })!.outside - alone.outside,
    ).toBeCloseTo(0.89, 2);
    expect(tankBiology({ ...pack, others: [{ filter, layers }] })!.staying).toBeCloseTo(2 * alone.staying, 9);
    // Half of six weeks old, half of its film has grown; what grew in the tank itself is there.
    const young = { ...air, installedOn: '2026-11-06' };
    const aged = tankBiology({ ...pack, tank: { ...tank, airFilters: [young] }, now: '2026-11-27' })!;
    expect((1 - aged.outsideGrown) * aged.outside).toBeCloseTo((aged.outside - alone.outside) / 2, 6);
    expect(
      tankBiology({
        ...pack,
        tank: { ...tank, plants: 'none', feed: { amount: { by: 'weight', perDay: 0 }, protein: 0.4 } },
      }),
    ).toBeNull();
  });
});

describe('repackedMedia', () => {
  it('keeps all film of what is not cleaned, and less of what is cleaned harder', () => {
    expect(keptOf(treated('keep', 'keep', 'keep'))).toBeCloseTo(1, 9);
    const squeezed = keptOf(treated('squeeze', 'keep', 'keep'));
    expect(squeezed).toBeLessThan(1);
    expect(keptOf(treated('squeeze', 'keep', 'keep'), layers, 'tap water')).toBeLessThan(squeezed);
    expect(keptOf(treated('squeeze', 'rinse', 'rinse'))).toBeGreaterThan(0.7);
    expect(keptOf(treated('keep', 'keep', 'keep'), layers, 'tank water', 0.6)).toBeCloseTo(0.6, 9);
  });

  it('loses the film of what is thrown away, cut or new', () => {
    const without = layers.slice(0, 2);
    const lost = keptOf(treated('keep', 'keep', 'throw away'), without);
    expect(lost).toBeLessThan(1);
    // Another medium under the same id is new.
    const other = layers.map((layer) => (layer.id === 'b' ? { ...layer, medium: 'lava' } : layer));
    expect(keptOf(treated(null, null, null), other)).toBeLessThan(1);
    const thinner = layers.map((layer) => (layer.id === 'a' ? { ...layer, thickness: 0.02 } : layer));
    expect(keptOf(treated(null, null, null), thinner)).toBeLessThan(1);
    expect(keptOf([], layers)).toBe(0);
  });
});

describe('zeolite of a repack', () => {
  const zeolite = plainLayer('z', 'zeolite', 'tray-1', 0.03);
  const beds = (before: readonly Layer[], after: Layer[]) =>
    repackedMedia({ ...pack, layers: after }, before, 'tank water', 1).zeolite;
  it('stays full where it was in, and comes empty where it is new or recharged', () => {
    const whole = beds([...layers, zeolite], [...layers, zeolite]);
    expect(whole.stays).toBe(whole.after?.capacity);
    expect(whole.before).toEqual(whole.after);
    expect(beds(layers, [...layers, zeolite])).toMatchObject({ before: null, stays: 0 });
    const recharged = beds([...layers, { ...zeolite, treatment: 'recharge' }], [...layers, zeolite]);
    expect(recharged).toMatchObject({ after: whole.after, stays: 0 });
    expect(beds([...layers, zeolite], layers)).toEqual({ before: whole.after, after: null, stays: 0 });
  });
});

describe('packCycle', () => {
  // Common practice, no source: mature media put beside new shortens the wait to a fraction.
  it('takes longest from a bare start, and a mature filter does not cycle', () => {
    const worst = (start: 'bare' | 'seeded' | 'mature'): number =>
      Math.max(...packCycle(pack, start, 60)!.nitrite) * 1e3;
    expect(worst('bare')).toBeGreaterThan(worst('seeded'));
    expect(worst('seeded')).toBeGreaterThan(worst('mature'));
    expect(worst('mature')).toBeLessThan(0.25);
  });
});
