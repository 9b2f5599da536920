import { describe, expect, it } from 'vitest';
import { tabulated } from './tabulated';

describe('tabulated', () => {
  const curve = (x: number): number => 2 - x ** 1.5 + Math.sin(x);
  const table = tabulated(curve, 3, 200);

  it.each([0.11, 0.5, 1.234567, 2.9])('is the function at %d, and its slope', (x) => {
    expect(table.at(x)).toBeCloseTo(curve(x), 7);
    expect(table.slopeAt(x)).toBeCloseTo(-1.5 * Math.sqrt(x) + Math.cos(x), 5);
  });

  it('hits its points, and goes straight on beyond its end', () => {
    expect(table.at(0)).toBe(curve(0));
    expect(table.at(3)).toBeCloseTo(curve(3), 12);
    expect(table.at(4) - table.at(3)).toBeCloseTo(table.slopeAt(3.5), 9);
  });
});
