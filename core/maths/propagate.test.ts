import { describe, expect, it } from 'vitest';
import { propagate } from './propagate';

describe('propagate', () => {
  // Source: GUM (JCGM 100:2008), sums add in squares, products add in squares of relative spreads (from memory).
  it('adds sums in squares, and products in squares of shares', () => {
    const sum = propagate(
      ([a = 0, b = 0]) => a + b,
      [
        { value: 5, spread: 3 },
        { value: 7, spread: 4 },
      ],
    );
    expect(sum).toEqual({ value: 12, spread: 5 });
    const product = propagate(
      ([a = 0, b = 0]) => a * b,
      [
        { value: 10, spread: 0.3 },
        { value: 20, spread: 0.8 },
      ],
    );
    expect(product.value).toBe(200);
    expect(product.spread / product.value).toBeCloseTo(Math.hypot(0.03, 0.04), 9);
  });

  it('knows nothing of a value that is known exactly', () => {
    expect(propagate(([a = 0]) => a ** 3, [{ value: 2, spread: 0 }])).toEqual({ value: 8, spread: 0 });
  });
});
