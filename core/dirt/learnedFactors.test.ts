import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { forecastInput } from './forecastInput';
import { ensembleRuns } from './ensemble';
import { ensembleRange } from './ensembleRange';
import { forecast } from './forecast';
import { LEARNED_KEYS, learnedFactors } from './learnedFactors';
import type { Posterior } from './posterior';

const { tank, filter, layers } = WATERS.find((water) => water.filter.id === 'long-run')!;
const SIZE = LEARNED_KEYS.length + 1;
const posterior = (mean: Partial<Record<number, number>>, spread: number): Posterior => ({
  readings: 9,
  mean: Array.from({ length: SIZE }, (_, place) => mean[place] ?? 0),
  root: Array.from({ length: SIZE }, (_, row) =>
    Array.from({ length: SIZE }, (_, column) => (row === column ? spread : 0)),
  ),
});
const dayOf = (learned: Posterior | null): number =>
  forecast({ ...forecastInput({ tank, others: [], learned }, filter, layers), brief: true }).serviceDay!;

describe('what was learned', () => {
  it('changes nothing where the log found all as usual', () => {
    expect(dayOf(posterior({}, 0.1))).toBeCloseTo(dayOf(null), 9);
    const factors = learnedFactors(posterior({}, 1).mean, { low: 1, likely: 1, high: 1 });
    for (const factor of Object.values(factors)) expect(factor).toBe(1);
  });

  it('brings the service nearer where more is fed than was entered', () => {
    expect(dayOf(posterior({ [LEARNED_KEYS.indexOf('fed')]: 1 }, 0.1))).toBeLessThan(0.95 * dayOf(null));
  });

  it('gives a range as wide as what is still not known', () => {
    const width = (spread: number): number => {
      const input = {
        ...forecastInput({ tank, others: [], learned: posterior({}, spread) }, filter, layers),
        days: 80,
      };
      const range = ensembleRange(ensembleRuns(input, 'through'))!;
      return range.latest! - range.earliest!;
    };
    const [narrow, wide] = [width(0.1), width(0.4)];
    expect(narrow).toBeGreaterThan(0);
    expect(wide).toBeGreaterThan(2.5 * narrow);
  });
});
