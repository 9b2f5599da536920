import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { captureFraction } from './captureFraction';

describe('captureFraction', () => {
  // Source: Math.expm1, the exact function.
  it('is 1 − e^(−x) to within 1e-9, of small shares too', () => {
    fc.assert(
      fc.property(fc.double({ min: -12, max: 2, noNaN: true }), (power) => {
        const x = 10 ** power;
        expect(Math.abs(captureFraction(x) / -Math.expm1(-x) - 1)).toBeLessThan(1e-9);
      }),
      { numRuns: 2000 },
    );
  });

  it('is nothing at nothing, all at the end, and hides no fault', () => {
    expect([captureFraction(0), captureFraction(1e9), captureFraction(Infinity)]).toEqual([0, 1, 1]);
    expect(captureFraction(NaN)).toBeNaN();
  });
});
