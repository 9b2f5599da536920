import { describe, expect, it } from 'vitest';
import { latinHypercube } from './latinHypercube';

describe('latinHypercube', () => {
  it('puts one point into every part of every coordinate', () => {
    const runs = 20;
    const points = Array.from({ length: runs }, (_, point) => latinHypercube(point, runs, 4, 3));
    for (let coordinate = 0; coordinate < 4; coordinate += 1) {
      const parts = points.map((point) => Math.floor((point[coordinate] ?? 0) * runs)).sort((a, b) => a - b);
      expect(parts).toEqual(Array.from({ length: runs }, (_, part) => part));
    }
  });

  it('is the same for the same seed, and another for another', () => {
    expect(latinHypercube(5, 100, 3, 1)).toEqual(latinHypercube(5, 100, 3, 1));
    expect(latinHypercube(5, 100, 3, 1)).not.toEqual(latinHypercube(5, 100, 3, 2));
  });

  it('does not tie one coordinate to another', () => {
    const runs = 200;
    const points = Array.from({ length: runs }, (_, point) => latinHypercube(point, runs, 2, 7));
    const mean = points.reduce((sum, [x = 0, y = 0]) => sum + (x - 0.5) * (y - 0.5), 0) / runs;
    // Correlation: covariance over the variance of a uniform variable, 1/12.
    expect(Math.abs(mean * 12)).toBeLessThan(0.2);
  });
});
