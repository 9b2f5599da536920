import { describe, expect, it } from 'vitest';
import { SERVICE_SHARE } from '@/core/practice/serviceShare';
import { flowState } from '@/core/service/flowState';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { writeNeatLayerFile } from '@/formats/writeNeatLayerFile';
import { demoContent } from './demoContent';
import { seededRandom } from '@/core/units/seededRandom';

const NOW = new Date('2026-11-25T12:00:00Z');

describe('demo', () => {
  const waters = demoContent(NOW);

  it('holds four valid waters and is the same each time', () => {
    expect(waters.map(({ tank }) => tank.name)).toEqual([
      'Window sill',
      'Reed bench',
      'Long run',
      'Hatchery',
    ]);
    for (const water of waters) {
      const read = readNeatLayerFile(writeNeatLayerFile(water));
      expect(read.ok ? [] : read.faults).toEqual([]);
    }
    expect(demoContent(NOW)).toEqual(waters);
  });

  it('spans about fourteen months and ends before now', () => {
    for (const { log } of waters) {
      const times = log.map((entry) => entry.at).sort();
      expect(Date.parse(times.at(-1) ?? '')).toBeLessThanOrEqual(NOW.getTime());
      expect(NOW.getTime() - Date.parse(times[0] ?? '')).toBeGreaterThan(280 * 86_400_000);
    }
  });

  it('tells its story: Window sill wants service, Reed bench is on the bench', () => {
    const [sill, reed, long] = waters;
    expect(flowState(sill?.log ?? []).share).toBeLessThan(SERVICE_SHARE);
    expect(flowState(long?.log ?? []).share).toBeGreaterThan(SERVICE_SHARE);
    expect(reed?.jobs.at(-1)).toMatchObject({ stage: 'repack', packed: [{}, {}] });
  });
});

describe('seededRandom', () => {
  it('spreads evenly over 0 to 1', () => {
    const random = seededRandom(7);
    const values = Array.from({ length: 4000 }, random);
    expect(Math.min(...values)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...values)).toBeLessThan(1);
    expect(values.reduce((sum, value) => sum + value, 0) / values.length).toBeCloseTo(0.5, 1);
  });
});
