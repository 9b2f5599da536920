import { describe, expect, it } from 'vitest';
import { quantile } from './quantile';

describe('quantile', () => {
  // Source: definition 7 of Hyndman & Fan (1996), as R’s and NumPy’s default; worked by hand.
  it('lies straight between neighbours', () => {
    expect(quantile([1, 2, 3, 4], 0.25)).toBeCloseTo(1.75, 12);
    expect(quantile([1, 2, 3, 4], 0.5)).toBeCloseTo(2.5, 12);
    expect(quantile([7], 0.9)).toBe(7);
  });

  it('ends with the least and the greatest', () => {
    expect(quantile([3, 5, 9], 0)).toBe(3);
    expect(quantile([3, 5, 9], 1)).toBe(9);
  });

  it('does not average what never comes', () => {
    expect(quantile([1, 2, Infinity], 0.6)).toBe(2);
    expect(quantile([1, 2, Infinity], 0.9)).toBe(Infinity);
    expect(quantile([Infinity, Infinity], 0.1)).toBe(Infinity);
  });
});
