import { describe, expect, it } from 'vitest';
import { daysToSludge, sludgeAfter } from './evenSludge';

describe('sludge that comes evenly and rots', () => {
  it('comes to an amount when it says, and never to more than what rots as fast as it comes', () => {
    for (const amount of [1e-3, 0.02, 0.2]) {
      const days = daysToSludge(amount, 1e-3, 0.004);
      expect(sludgeAfter(days, 1e-3, 0.004)).toBeCloseTo(amount, 12);
    }
    // By hand: 1 g a day against 0.4 % a day comes to 250 g at most.
    expect(daysToSludge(0.25, 1e-3, 0.004)).toBe(Infinity);
    expect(sludgeAfter(1e6, 1e-3, 0.004)).toBeCloseTo(0.25, 9);
  });

  it('hardly rots in a few days, and never comes where nothing is caught', () => {
    expect(daysToSludge(1e-3, 1e-3, 0.004)).toBeCloseTo(1.002, 3);
    expect(daysToSludge(1e-3, 0, 0.004)).toBe(Infinity);
  });
});
