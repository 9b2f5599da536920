import { cumulativeStdNormalProbability } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { inverseNormal } from './inverseNormal';
import { normalShare } from './normalShare';

describe('normalShare', () => {
  it('matches the package simple-statistics and with its own inverse', () => {
    for (const value of [-3, -1.64, -0.5, 0, 0.3, 1.28, 2.58]) {
      expect(normalShare(value)).toBeCloseTo(cumulativeStdNormalProbability(value), 4);
      expect(inverseNormal(normalShare(value))).toBeCloseTo(value, 4);
    }
  });
});
