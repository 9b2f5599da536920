import { describe, expect, it } from 'vitest';
import { turnoverBand } from './turnoverBand';

// Source: about 5× an hour; 3× in very large tanks; 8 to 20× in nano tanks of up to 40 L, and more by choice (common practice, no source).
describe('turnoverBand', () => {
  const perHour = (volume: number, ...animals: Parameters<typeof turnoverBand>[1]) => {
    const { low, high } = turnoverBand(volume, animals);
    return [Math.round(low * 36000) / 10, Math.round(high * 36000) / 10];
  };
  it('holds the usual five, three and twenty', () => {
    expect(perHour(0.09)).toEqual([4, 6]);
    expect(perHour(2)).toEqual([2.5, 4]);
    expect(perHour(0.015)).toEqual([8, 20]);
    expect(perHour(0.039)).toEqual([8, 20]);
    expect(perHour(0.041)).toEqual([4, 6]);
  });
  it('lets the animals decide first, the weakest before the strongest', () => {
    expect(perHour(0.3, 'strong flow')).toEqual([6, 12]);
    expect(perHour(0.015, 'fry')).toEqual([2, 5]);
    expect(perHour(0.3, 'strong flow', 'still water')).toEqual([2, 5]);
  });
});
