import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { actsLike, langmuirUptake, zeoliteEquilibrium, type ZeoliteBed } from './zeoliteBed';

/** 100 g of 10 mg/g at 10 degrees of hardness. */
const BED: ZeoliteBed = { capacity: 1e-3, affinity: 100 };
const bed = fc.record({
  capacity: fc.double({ min: 1e-6, max: 0.1, noNaN: true }),
  affinity: fc.double({ min: 1, max: 1000, noNaN: true }),
});
const ammonia = fc.double({ min: 0, max: 10e-3, noNaN: true });

describe('a bed of zeolite', () => {
  // Source: Langmuir’s equation by hand: 100 g hold 91 mg at 1 mg/L and 24 mg at 0.25 mg/L.
  it('holds what Langmuir says', () => {
    expect(langmuirUptake(BED, 1e-3) * 1e6).toBeCloseTo(90.9, 1);
    expect(langmuirUptake(BED, 0.25e-3) * 1e6).toBeCloseTo(24.4, 1);
    expect(langmuirUptake(BED, 0)).toBe(0);
  });

  it('holds more the more is in the water, and never more than it can', () => {
    fc.assert(
      fc.property(bed, ammonia, ammonia, (item, a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)];
        expect(langmuirUptake(item, more)).toBeGreaterThanOrEqual(langmuirUptake(item, less));
        expect(langmuirUptake(item, more)).toBeLessThanOrEqual(item.capacity);
      }),
    );
  });

  it('acts like the slope of what it holds', () => {
    fc.assert(
      fc.property(bed, fc.double({ min: 1e-5, max: 10e-3, noNaN: true }), (item, at) => {
        const step = at * 1e-4;
        const slope = (langmuirUptake(item, at + step) - langmuirUptake(item, at - step)) / (2 * step);
        expect(actsLike(item, at) / slope).toBeCloseTo(1, 5);
      }),
    );
  });

  it('comes to rest with the water without losing any of the nitrogen', () => {
    fc.assert(
      fc.property(
        bed,
        fc.double({ min: 0, max: 1e-2, noNaN: true }),
        fc.double({ min: 0.005, max: 2, noNaN: true }),
        (item, nitrogen, volume) => {
          const rest = zeoliteEquilibrium(item, nitrogen, volume);
          expect(rest).toBeGreaterThanOrEqual(0);
          expect(rest * volume).toBeLessThanOrEqual(nitrogen * (1 + 1e-9) + 1e-15);
          const sum = rest * volume + langmuirUptake(item, rest);
          expect(Math.abs(sum - nitrogen)).toBeLessThanOrEqual(1e-9 * nitrogen + 1e-15);
        },
      ),
    );
  });

  it('leaves water without ammonia as it is', () => {
    expect(zeoliteEquilibrium(BED, 0, 0.2)).toBe(0);
  });
});
