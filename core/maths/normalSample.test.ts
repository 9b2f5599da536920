import { describe, expect, it } from 'vitest';
import { normalSample } from './normalSample';

const column = (points: number[][], index: number): number[] => points.map((point) => point[index] ?? NaN);
const mean = (values: number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

describe('normalSample', () => {
  const points = normalSample(100, 6, 3);

  it('has the mean, spread and tails of a normal variable in every coordinate', () => {
    for (let index = 0; index < 6; index += 1) {
      const values = column(points, index);
      expect(mean(values)).toBeCloseTo(0, 12);
      expect(mean(values.map((value) => value ** 2))).toBeCloseTo(1, 12);
      // Source: tables of the standard normal distribution, from memory: 15.9 % lie above 1.
      expect(Math.abs(values.filter((value) => value > 1).length - 15.9)).toBeLessThan(4);
    }
  });

  it('ties no coordinate to another', () => {
    for (let a = 0; a < 6; a += 1)
      for (let b = 0; b < a; b += 1)
        expect(mean(points.map((point) => point[a]! * point[b]!))).toBeCloseTo(0, 12);
  });

  it('is the same for the same seed, another for another, and stays numbers with few points', () => {
    expect(normalSample(100, 6, 3)).toEqual(points);
    expect(normalSample(100, 6, 4)).not.toEqual(points);
    expect(normalSample(5, 11, 1).flat().every(Number.isFinite)).toBe(true);
  });
});
