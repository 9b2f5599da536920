import { describe, expect, it } from 'vitest';
import type { EnsembleRange } from '@/core/dirt/ensembleRange';
import type { Forecast } from '@/core/dirt/forecast';
import { wordsFor } from '../fields/wordsFor';
import { formatServiceDay } from './serviceWords';

describe('formatServiceDay', () => {
  const words = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });
  const of = (serviceDay: number | null) =>
    ({ serviceDay, lowestShare: 0.72, simulation: { days: 365 } }) as unknown as Forecast;
  const range = (earliest: number | null, latest: number | null): EnsembleRange => ({
    runs: 100,
    low: new Float32Array(),
    high: new Float32Array(),
    earliest,
    latest,
  });

  it('says one day until the range is known, then the range', () => {
    expect(formatServiceDay(words, of(58.7), null)).toBe('service on day 59');
    expect(formatServiceDay(words, of(58.7), range(36.7, 113.2))).toBe('service between day 36 and 114');
  });

  it('says where it may not come at all', () => {
    expect(formatServiceDay(words, of(null), range(84, null))).toBe(
      'service on day 84 or later, perhaps not before day 365',
    );
    expect(formatServiceDay(words, of(null), range(null, null))).toMatch(
      /^no service before day 365; lowest 72\s% of clean$/,
    );
  });
});
