import { describe, expect, it } from 'vitest';
import { tabulated } from './tabulated';

describe('tabulated', () => {
  const curve = (x: number): number => 2 - x ** 1.5 + Math.sin(x);
  const table = tabulated(curve, 3, 200);

  it.each([0.11, 0.5, 1.234567, 2.9])('is the function at %d', (x) => {
    expect(table(x)).toBeCloseTo(curve(x), 7);
  });

  it('hits its points, and goes straight on beyond its end', () => {
    expect(table(0)).toBe(curve(0));
    expect(table(3)).toBeCloseTo(curve(3), 12);
    // Straight: equal steps bring equal changes.
    expect(table(4) - table(3)).toBeCloseTo(table(5) - table(4), 9);
  });
});
