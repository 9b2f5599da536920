import { describe, expect, it } from 'vitest';
import { inverseNormal } from './inverseNormal';

describe('inverseNormal', () => {
  // Source: tables of the standard normal distribution, as in any handbook of statistics; from memory.
  it.each([
    [0.5, 0],
    [0.8413447461, 1],
    [0.9, 1.2815515655],
    [0.975, 1.9599639845],
    [0.999, 3.0902323062],
    [1e-6, -4.7534243088],
  ])('of %d is %d', (probability, value) => {
    expect(inverseNormal(probability)).toBeCloseTo(value, 7);
  });

  it('is symmetric', () => {
    for (const probability of [0.01, 0.2, 0.4]) {
      expect(inverseNormal(probability) + inverseNormal(1 - probability)).toBeCloseTo(0, 12);
    }
  });
});
