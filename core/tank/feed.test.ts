import { describe, expect, it } from 'vitest';
import { FeedSchema } from './feed';
import { ammoniaPerDay, feedPerDay } from './feedPerDay';

describe('food', () => {
  // Source: Timmons & Ebeling: 100 g at 35 % protein → 3.22 g of ammonia nitrogen (from memory).
  it('becomes ammonia as published', () => {
    expect(ammoniaPerDay(0.1, 0.35) * 1e3).toBeCloseTo(3.22, 9);
  });

  // Source: by hand: ten fish of 4 cm are about 10 · 14 · 64e-6 = 9 g; at 1 % that is 0.09 g a day.
  it('is estimated from animals as a wide range', () => {
    const range = feedPerDay({
      amount: { by: 'animals', groups: [{ count: 10, length: 0.04 }] },
      protein: 0.4,
    });
    expect((range?.likely ?? 0) * 1e3).toBeCloseTo(0.0896, 4);
    expect((range?.high ?? 0) / (range?.low ?? 1)).toBeGreaterThan(4);
  });

  it('is known better when weighed, and not at all when not', () => {
    const weighed = feedPerDay({ amount: { by: 'weight', perDay: 0.002 }, protein: 0.4 });
    expect(weighed?.likely).toBe(0.002);
    expect((weighed?.high ?? 0) / (weighed?.low ?? 1)).toBeLessThan(1.5);
    expect(feedPerDay({ amount: null, protein: 0.4 })).toBeNull();
  });

  it('refuses half a fish and a kilogram too much, in words', () => {
    const parse = (amount: unknown) =>
      FeedSchema.safeParse({ amount, protein: 0.4 }).error?.issues[0]?.message;
    expect(parse({ by: 'animals', groups: [{ count: 1.5, length: 0.04 }] })).toMatch(/whole number/);
    expect(parse({ by: 'weight', perDay: 2 })).toBe('Food a day must be from 0.00 g/day to 1,000 g/day.');
  });
});
