import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Added } from '../tank/additions';
import { carbonLife, dissolvedCarbon } from './carbonLife';
import { clearingTimes, removalPerPass } from './contact';
import { organicsAdded } from './organicsAdded';
import { EXCHANGE_CAPACITY, zeoliteHolds, zeoliteLife } from './zeoliteHolds';

describe('contact', () => {
  // By hand: after one taking time 1 − 1/e is gone; a pad of powder has taken as much after a third of it.
  it('takes more the longer the water stays', () => {
    expect(removalPerPass(180, 'tint', false).likely).toBeCloseTo(1 - 1 / Math.E, 9);
    expect(removalPerPass(60, 'tint', true).likely).toBeCloseTo(1 - 1 / Math.E, 9);
    expect(removalPerPass(0, 'tint', false)).toEqual({ low: 0, likely: 0, high: 0 });
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e4, noNaN: true }), (contact) => {
        const { low, likely, high } = removalPerPass(contact, 'medicine', false);
        expect(low <= likely && likely <= high && high <= 1).toBe(true);
      }),
    );
  });

  // By hand: 200 L, 600 L/h through a bed that takes a tenth: 60 L/h cleared; 200/60 · ln 2 = 2.31 h.
  it('clears a tank by halves', () => {
    const { half, mostlyOut } = clearingTimes(0.2, (0.1 * 0.6) / 3600);
    expect(half / 3600).toBeCloseTo(2.31, 2);
    expect(mostlyOut / half).toBeCloseTo(Math.log2(10), 9);
    expect(clearingTimes(0.2, 0).half).toBe(Infinity);
  });
});

describe('carbonLife', () => {
  // Common practice, no source: a gram a litre lasts five to eight weeks at a gram of food a day and 100 L.
  it('is five to eight weeks for 100 g at a gram of food a day', () => {
    expect(dissolvedCarbon(1e-3) * 1e6).toBeCloseTo(22.5, 9);
    const life = carbonLife(0.1, 1e-3);
    expect(life?.likely).toBeCloseTo(44.4, 1);
    expect(life?.low).toBeGreaterThan(30);
    expect(life?.high).toBeLessThan(60);
    expect(carbonLife(0.1, 0)).toBeNull();
  });

  // Common practice, no source: beside new wood carbon lasts about half as long, and after medicine it is thrown away.
  it('lasts about half as long beside new wood, and is used up by a course of medicine', () => {
    const since = '2026-11-01';
    const life = (...added: Added[]) => carbonLife(0.1, 1e-3, organicsAdded(added, since, 0.2))!;
    const wood = life({ what: 'new wood', at: '2026-11-01' });
    expect(wood.likely).toBeGreaterThan(18);
    expect(wood.likely).toBeLessThan(26);
    expect(wood.low).toBeLessThan(0.7 * wood.likely);
    expect(wood.high).toBeGreaterThan(1.3 * wood.likely);
    // By hand: 0.6 g of the gram it holds are gone at once; 0.4 g at 22.5 mg a day are 17.8 days.
    expect(life({ what: 'medicine', at: '2026-11-01' }).likely).toBeCloseTo(17.8, 1);
    expect(life({ what: 'medicine', at: '2026-11-11' }).likely).toBeCloseTo(17.8, 1);
    // Wood from half a year ago has nothing more to give; medicine from a month ago is gone; bottles mean nothing.
    expect(life({ what: 'new wood', at: '2026-05-01' }).likely).toBeGreaterThan(43);
    for (const nothing of [
      { what: 'medicine', at: '2026-10-01' },
      { what: 'starter culture', at: '2026-11-01' },
      { what: 'sludge digester', at: '2026-11-01' },
    ] as const)
      expect(life(nothing).likely).toBeCloseTo(44.4, 1);
    expect(carbonLife(0.2, 0, organicsAdded([{ what: 'new wood', at: since }], since, 0.2))).toBeNull();
  });
});

describe('zeoliteHolds', () => {
  // Source: Langmuir’s equation by hand, 100 g · 10 mg/g · 0.1/1.1 = 91 mg; at 0.25 mg/L 24 mg.
  it('holds 91 mg at 1 mg/L and 24 mg at 0.25', () => {
    expect(zeoliteHolds(0.1, 1e-3, 10).likely * 1e6).toBeCloseTo(90.9, 1);
    expect(zeoliteHolds(0.1, 0.25e-3, 10).likely * 1e6).toBeCloseTo(24.4, 1);
    // About three days of a tank that gives off 33 mg a day.
    expect(zeoliteLife(0.1, 1e-3, 10, 33e-6)?.likely).toBeCloseTo(2.75, 1);
  });

  // Source: exchange capacity of clinoptilolite, about 2 meq/g (from memory): a physical limit.
  it('never holds more than it can exchange, and less in hard water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (nitrogen, hardness) => {
          const { high, likely } = zeoliteHolds(1, nitrogen, hardness);
          expect(high).toBeLessThanOrEqual(EXCHANGE_CAPACITY);
          expect(zeoliteHolds(1, nitrogen, hardness + 5).likely).toBeLessThanOrEqual(likely);
        },
      ),
    );
  });
});
