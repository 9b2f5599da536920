import { describe, expect, it } from 'vitest';
import { compareObjectives, isBetterThan } from './compareObjectives';
import type { Figures } from './objectives';

const FIGURES: Figures = {
  service: 60,
  fines: 1e-3,
  cover: 3,
  surface: 2,
  turnover: 5 / 3600,
  turnoverOff: 1,
  cost: 10,
  unpriced: 0,
  visits: 6,
  minutes: 180,
  change: 3,
};

describe('one pack held against another', () => {
  it('is better and worse wish by wish, by what a keeper would see', () => {
    expect(compareObjectives({ ...FIGURES, service: 90, fines: 2e-3, cost: 10.1 }, FIGURES)).toEqual({
      better: ['service'],
      worse: ['clear'],
    });
  });

  it('is neither better nor worse in what is unknown of one of them', () => {
    const unpriced = { ...FIGURES, cost: 0, unpriced: 1e-3 };
    expect(compareObjectives(unpriced, FIGURES)).toEqual({ better: [], worse: [] });
    expect(compareObjectives(FIGURES, unpriced)).toEqual({ better: [], worse: [] });
    // Where neither has prices, less that is renewed is less.
    expect(compareObjectives({ ...unpriced, unpriced: 0.5e-3 }, unpriced).better).toEqual(['cost']);
  });

  it('is better all round where it is so in two wishes and worse in none', () => {
    expect(isBetterThan({ ...FIGURES, service: 90, cover: 4 }, FIGURES)).toBe(true);
    expect(isBetterThan({ ...FIGURES, service: 90 }, FIGURES)).toBe(false);
    expect(isBetterThan({ ...FIGURES, service: 90, cover: 4, minutes: 300 }, FIGURES)).toBe(false);
  });
});
