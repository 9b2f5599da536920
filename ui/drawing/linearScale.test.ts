import { scaleLinear } from 'd3-scale';
import { describe, expect, it } from 'vitest';
import { linearScale } from './linearScale';

describe('linearScale', () => {
  // d3-scale is the reference.
  it.each([
    [[0, 10] as const, [100, 0] as const],
    [[-3, 7.5] as const, [12, 640] as const],
    [[365, 0] as const, [0, 200] as const],
    [[4, 4] as const, [10, 30] as const],
  ])('from %j to %j stands, inverts and ticks as the scale of d3', (domain, range) => {
    const scale = linearScale(domain, range);
    const reference = scaleLinear(domain, range);
    for (const value of [-10, 0, 1 / 3, 4, 120]) {
      expect(scale(value)).toBeCloseTo(reference(value), 9);
      if (domain[0] !== domain[1]) expect(scale.invert(value)).toBeCloseTo(reference.invert(value), 9);
    }
    for (const count of [1, 3, 8]) expect(scale.ticks(count)).toEqual(reference.ticks(count));
  });
});
