import { describe, expect, it } from 'vitest';
import { FeedSchema, type Feed } from './feed';
import { ammoniaPerDay, feedPerDay, isFoodAssumed } from './feedPerDay';

describe('food', () => {
  // Source: Timmons & Ebeling: 100 g at 35 % protein → 3.22 g of ammonia nitrogen (from memory).
  it('becomes ammonia as published', () => {
    expect(ammoniaPerDay(0.1, 0.35) * 1e3).toBeCloseTo(3.22, 9);
  });

  const water = { how: 'known', volume: 0.12 } as const;
  const fed = (amount: Feed['amount'], volume = 0.12) =>
    feedPerDay({ feed: { amount, protein: 0.4 }, water: { ...water, volume } });
  const animals = (count: number, length: number) =>
    fed({ by: 'animals', groups: [{ count, length }] }).likely * 1e3;

  // Source: thirty fish of 4 cm are fed about a gram (common practice, no source).
  it('is estimated from animals as a wide range', () => {
    expect(animals(30, 0.04)).toBeGreaterThan(0.8);
    expect(animals(30, 0.04)).toBeLessThan(1.2);
    const { low, high } = fed({ by: 'animals', groups: [{ count: 10, length: 0.04 }] });
    expect(high / low).toBeCloseTo(4, 9);
  });

  // Source: needs grow with mass to the power ¾ (Kleiber 1932), mass with the cube of length: by hand 2^2.25 = 4.76.
  it('grows less than mass: a fish twice as long eats not eight times as much', () => {
    expect(animals(1, 0.1) / animals(1, 0.05)).toBeCloseTo(4.757, 3);
  });

  // Source: by hand: 1 g for each 100 L of 120 L.
  it('is assumed for the water there is while nobody has said, in a wider range than any other', () => {
    const assumed = fed(null);
    expect(assumed.likely).toBeCloseTo(1.2e-3, 9);
    expect(assumed.high / assumed.low).toBeGreaterThan(6);
    expect(fed(null, 0.06).likely).toBeCloseTo(0.6e-3, 9);
    expect(isFoodAssumed({ feed: { amount: null, protein: 0.4 } })).toBe(true);
  });

  it('is known better when weighed', () => {
    const weighed = fed({ by: 'weight', perDay: 0.002 });
    expect(weighed.likely).toBe(0.002);
    expect(weighed.high / weighed.low).toBeLessThan(1.5);
    expect(isFoodAssumed({ feed: { amount: { by: 'weight', perDay: 0 }, protein: 0.4 } })).toBe(false);
  });

  it('refuses half a fish and a kilogram too much, in words', () => {
    const parse = (amount: unknown) =>
      FeedSchema.safeParse({ amount, protein: 0.4 }).error?.issues[0]?.message;
    expect(parse({ by: 'animals', groups: [{ count: 1.5, length: 0.04 }] })).toMatch(/whole number/);
    expect(parse({ by: 'weight', perDay: 2 })).toBe('Food a day must be from 0.00 g/day to 1,000 g/day.');
  });
});
