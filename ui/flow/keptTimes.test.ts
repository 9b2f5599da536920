// @vitest-environment happy-dom
import { beforeEach, describe, expect, it } from 'vitest';
import { keepTimes, readKeptTimes } from './keptTimes';

const NOW = 1_800_000_000_000;
const TIMES = { jug: 2e-3, seconds: [14.2, 14.6], startedAt: null };

describe('kept times', () => {
  beforeEach(() => localStorage.clear());

  it('come back for the same filter, and are gone once the watch is empty', () => {
    keepTimes('f', TIMES, NOW);
    expect(readKeptTimes('f', NOW + 60_000)).toMatchObject(TIMES);
    expect(readKeptTimes('g', NOW)).toBeNull();
    keepTimes('f', { ...TIMES, seconds: [] }, NOW);
    expect(readKeptTimes('f', NOW)).toBeNull();
  });

  it('hold a filling that still runs', () => {
    keepTimes('f', { ...TIMES, seconds: [], startedAt: NOW }, NOW);
    expect(readKeptTimes('f', NOW + 9000)?.startedAt).toBe(NOW);
  });

  it('are not cleaned after a day, and when they are no times', () => {
    keepTimes('f', TIMES, NOW);
    expect(readKeptTimes('f', NOW + 25 * 3600 * 1000)).toBeNull();
    for (const text of ['{', '[]', '{"jug":2,"seconds":["x"],"startedAt":null,"at":1}']) {
      localStorage.setItem('neat-times:f', text);
      expect(readKeptTimes('f', 2)).toBeNull();
    }
  });
});
