import { MAX_DONOR_SHARE } from '../practice/donorShare';
import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import type { LogEntry } from '../log/logEntry';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { Tank } from '../tank/tank';
import { donorsFor, needsMedia, tankMedia, type TankMediaInput } from './matureMedia';

const NOW = '2026-11-27T12:00:00.000Z';
const water = (id: string) => WATERS.find(({ filter }) => filter.id === id)!;
const inputOf = (id: string, change: Partial<Tank> = {}): TankMediaInput => {
  const { tank, filter, layers } = water(id);
  return { tank: { ...tank, ...change }, filters: [{ filter, layers, isOut: false }], log: [] };
};
const of = (id: string, change?: Partial<Tank>) => tankMedia(inputOf(id, change), NOW);
const entry = (daysAgo: number, content: object): LogEntry =>
  ({
    ...{ id: 'e', filterId: 'f', jobId: null, note: '' },
    at: new Date(Date.parse(NOW) - daysAgo * 86_400_000).toISOString(),
    ...content,
  }) as LogEntry;
const test = (daysAgo: number, ammonia: number) =>
  entry(daysAgo, { kind: 'test', ammonia, nitrite: null, nitrate: null, pH: null, scale: 'nitrogen' });
const medicine = (daysAgo: number) => entry(daysAgo, { kind: 'addition', what: 'medicine' });

describe('tankMedia', () => {
  it.each(WATERS.map(({ filter }) => filter.id))('of %s bears at once what its report says', (id) => {
    const { tank, filter, layers } = water(id);
    const report = evaluatePack({ ...aloneOn(tank), filter, layers, flow: null });
    expect(of(id).atOnce!.likely).toBeCloseTo(report.bacteria!.atOnce.likely, 6);
    expect(of(id).atOnce!.low).toBeCloseTo(report.bacteria!.atOnce.low, 6);
  });

  it('counts media that is new by its days, and what is of unknown age as grown', () => {
    const { tank, filter, layers } = water('long-run');
    const aged = (installedOn: string | null) =>
      tankMedia(
        {
          ...inputOf('long-run'),
          filters: [{ filter, layers: layers.map((layer) => ({ ...layer, installedOn })), isOut: false }],
        },
        NOW,
      );
    expect(aged(null).homes.every(({ grown }) => grown === 1)).toBe(true);
    // 21 of 42 days.
    expect(aged('2026-11-06').homes[0]!.grown).toBeCloseTo(0.5, 1);
    expect(aged('2026-11-06').atOnce!.likely).toBeLessThan(aged(null).atOnce!.likely);
    expect(aged('2026-11-06').refusal).toBe('new');
    expect(tank.airFilters).toEqual([]);
  });

  it('counts air-driven filters as homes of their own that may give', () => {
    const air = { id: 'a', kind: 'box', medium: 'sintered-glass', volume: 1e-3, installedOn: null } as const;
    const found = of('hatchery', { airFilters: [air] });
    expect(found.homes.at(-1)).toMatchObject({ filterId: null, isGiveable: true, volume: 1e-3 });
    expect(found.atOnce!.likely).toBeGreaterThan(of('hatchery').atOnce!.likely);
    expect(found.refusal).toBeNull();
    expect(donorsFor(of('window-sill'), [found])[0]!.home.key).toBe('a');
  });

  it.each<[string, string | null, LogEntry[]]>([
    ['medicine this month', 'medicine', [medicine(20)]],
    ['medicine long ago', null, [medicine(40)]],
    ['ammonia at the last test', 'test', [test(3, 0.4e-3)]],
    ['ammonia that is gone again', null, [test(5, 0.4e-3), test(2, 0)]],
    ['a test of last month', null, [test(20, 0.4e-3)]],
  ])('gives nothing after %s: %s', (_, refusal, log) => {
    const found = tankMedia({ ...inputOf('long-run'), log }, NOW);
    expect(found.refusal).toBe(refusal);
    expect(found.piece !== null).toBe(refusal === null);
  });

  it('gives nothing while its media are out, without food, or where its own food needs all', () => {
    const open = inputOf('long-run');
    const out = { ...open, filters: open.filters.map((item) => ({ ...item, isOut: true })) };
    expect(tankMedia(out, NOW).refusal).toBe('repack');
    const { feed } = water('long-run').tank;
    const unfed = of('long-run', { feed: { ...feed, amount: null } });
    expect(unfed).toMatchObject({ refusal: 'no food', atOnce: null, load: null, piece: null });
    expect(needsMedia(unfed)).toBe(false);
    const much = of('long-run', { feed: { ...feed, amount: { by: 'weight', perDay: 40e-3 } } });
    expect(much.refusal).toBe('needs its own');
    expect(needsMedia(much)).toBe(true);
  });
});

describe('donorsFor', () => {
  const all = WATERS.map(({ filter }) => of(filter.id));

  it('takes at most a third of a piece, and leaves the giver enough for its own food at the low end', () => {
    for (const to of all)
      for (const { from, home, volume, leaves, covers } of donorsFor(to, all)) {
        expect(from.tankId).not.toBe(to.tankId);
        expect(volume / home.volume).toBeLessThanOrEqual(MAX_DONOR_SHARE + 1e-9);
        expect(leaves).toBeGreaterThanOrEqual(1 - 1e-9);
        expect(covers!.low).toBeLessThanOrEqual(covers!.likely);
        expect(home.isGiveable).toBe(true);
      }
    // A stream tank on pumice rescues a fry tank: a third of one bag is about its whole food.
    expect(donorsFor(of('hatchery'), all)[0]!.covers!.likely).toBeGreaterThan(0.8);
  });

  it('gives what it took away: the giver without that share bears so much less', () => {
    const { filter, layers } = water('long-run');
    const [gift] = donorsFor(of('hatchery'), [of('long-run')]);
    const share = gift!.volume / gift!.home.volume;
    const layerId = gift!.home.key.split('/')[1]!;
    // The piece cut down by that share: less surface, the same water through it.
    const left = layers.map((layer) =>
      layer.id === layerId ? { ...layer, thickness: layer.thickness * (1 - share) } : layer,
    );
    const after = tankMedia(
      { ...inputOf('long-run'), filters: [{ filter, layers: left, isOut: false }] },
      NOW,
    );
    expect(after.atOnce!.low).toBeGreaterThan(1);
    // Films that are left grow into what was taken: at once they bear at least what is promised, within a few percent.
    expect(after.atOnce!.low / gift!.leaves).toBeGreaterThan(0.97);
  });

  it('says what a tank that is not entered could have, without saying for how much of its food', () => {
    const gifts = donorsFor(null, all);
    expect(gifts.length).toBeGreaterThan(1);
    expect(gifts[0]!.covers).toBeNull();
  });
});
