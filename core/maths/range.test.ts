import { expect, it } from 'vitest';
import { inverseNormal } from './inverseNormal';
import { RANGE_DEVIATE, RANGE_HIGH, RANGE_LOW } from './range';

// Source: the table of the normal distribution in any handbook of statistics has 1.2816 at 0.90.
it('reaches from the mean to the ends of the likely range', () => {
  expect(RANGE_DEVIATE).toBeCloseTo(1.2816, 4);
  expect(RANGE_DEVIATE).toBeCloseTo(inverseNormal(RANGE_HIGH), 8);
  expect(-RANGE_DEVIATE).toBeCloseTo(inverseNormal(RANGE_LOW), 8);
});
