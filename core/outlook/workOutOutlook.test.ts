import { describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { WATERS } from '@/demo/waters';
import { simulatedLog } from '@/reference/simulatedLog';
import { presetFilter } from '../filter/presetFilter';
import { learnedRows } from '../learn/learnedRows';
import { OutlookSchema } from './outlook';
import { workOutOutlook } from './workOutOutlook';

const base = WATERS[0]!.tank;
const tank = { ...base, feed: { ...base.feed, amount: { by: 'weight' as const, perDay: 3.5e-3 } } };
const filter = presetFilter('internal-compartments', { id: 'paper', tankId: tank.id }, 'Paper');
const layers = [plainLayer('floss', 'floss-bonded', filter.chambers[0]!.id, 0.02)];
const place = { tank, filter, others: [] };
const { stretches, serviceDay } = simulatedLog(place, layers, 5, 0.8)!;
const today = Math.round(0.8 * serviceDay);
const current = { layers, packedAt: '2026-06-01T12:00:00.000Z', done: [], today };

describe('workOutOutlook', () => {
  it('narrows the range of the next service by what was read, and keeps to its schema', () => {
    const told: number[] = [];
    const learned = workOutOutlook({ place, stretches, current }, (share) => told.push(share));
    const alone = workOutOutlook({ place, stretches: [], current });
    for (const outlook of [learned, alone]) expect(OutlookSchema.safeParse(outlook).success).toBe(true);
    const width = ({ forecast }: typeof learned): number => forecast!.latest! - forecast!.earliest!;
    expect(width(learned)).toBeLessThan(width(alone) / 2);
    expect(learned.forecast!.earliest!).toBeLessThan(1.1 * serviceDay);
    expect(learned.forecast!.latest!).toBeGreaterThan(0.9 * serviceDay);
    // Progress is reported on the way, from little to all.
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.at(-1)).toBe(1);
    // The first visit replaces the floss, not before today.
    expect(learned.forecast!.visits[0]).toMatchObject({ works: [{ layerId: 'floss', work: 'replace' }] });
    expect(learned.forecast!.visits[0]!.day).toBeGreaterThanOrEqual(today);
    const speed = learnedRows(learned.learned.posterior!, tank).find(({ key }) => key === 'speed')!;
    expect(speed.told).toBe(true);
    expect(speed.low).toBeLessThan(speed.factor);
  });

  it('counts a service that was done: the next is later', () => {
    const done = [{ day: today, works: [{ layerId: 'floss', work: 'replace' as const }] }];
    const before = workOutOutlook({ place, stretches: [], current }).forecast!;
    const after = workOutOutlook({ place, stretches: [], current: { ...current, done } }).forecast!;
    expect(after.likely!).toBeGreaterThan(before.likely! + today / 2);
  });

  it('takes a pack untouched for years: it is due', () => {
    const old = workOutOutlook({ place, stretches: [], current: { ...current, today: 5000 } });
    expect(OutlookSchema.safeParse(old).success).toBe(true);
    expect(old.forecast!.visits[0]!.day).toBeLessThan(5000);
  });

  it('looks nowhere without a pack', () => {
    expect(workOutOutlook({ place, stretches: [], current: null }).forecast).toBeNull();
  });
});
