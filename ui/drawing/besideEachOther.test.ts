import { describe, expect, it } from 'vitest';
import { besideEachOther } from './besideEachOther';

describe('besideEachOther', () => {
  it('leaves marks that do not touch', () => {
    const places = [10, 60].map((left) => [left, 10] as const);
    expect(besideEachOther(places, 18, 100)).toEqual(places);
  });

  it('puts others beside each other, however many, towards the middle', () => {
    for (const middle of [0, 400]) {
      const put = besideEachOther(
        Array.from({ length: 6 }, (_, index) => [200 + index, 10 + index] as const),
        18,
        middle,
      );
      put.forEach(([x, y], index) =>
        put
          .slice(0, index)
          .forEach(([left, top]) => expect(Math.hypot(x - left, y - top)).toBeGreaterThanOrEqual(18)),
      );
      expect(put.slice(1).every(([x]) => (middle === 0 ? x < 200 : x > 200))).toBe(true);
    }
  });
});
