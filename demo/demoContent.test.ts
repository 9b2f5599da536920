import { describe, expect, it } from 'vitest';
import { SERVICE_SHARE } from '@/core/practice/serviceShare';
import { flowState } from '@/core/service/flowState';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { writeNeatLayerFile } from '@/formats/writeNeatLayerFile';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { demoContent } from './demoContent';
import { WATERS } from './waters';
import { seededRandom } from '@/core/maths/seededRandom';

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

  it('tells its story: Long run wants service, Reed bench is on the bench, the outlet of Window sill hardly falls', () => {
    const [sill, reed, long] = waters;
    expect(flowState(long?.log ?? []).share).toBeLessThan(SERVICE_SHARE);
    expect(flowState(sill?.log ?? []).share).toBeGreaterThan(0.9);
    expect(reed?.jobs.at(-1)).toMatchObject({ stage: 'repack', packed: [{}, {}] });
  });
});

describe('the water of the demo', () => {
  it('is changed every week and tested every fourth, and reads what the model has: little but nitrate', () => {
    for (const { log } of demoContent(NOW)) {
      const changes = log.filter(({ kind }) => kind === 'water change');
      const tests = log.filter((entry) => entry.kind === 'test');
      expect(changes.length).toBeGreaterThan(58);
      expect(tests.length).toBeGreaterThan(13);
      for (const { ammonia, nitrite, nitrate } of tests) {
        expect(Math.max(ammonia ?? 1, nitrite ?? 1)).toBeLessThan(2.5e-4);
        expect(nitrate).toBeGreaterThan(0);
        // 100 mg/L of the ion.
        expect(nitrate).toBeLessThan(100e-3 / 4.4);
      }
    }
  });
});

describe('the flows timed in the demo', () => {
  it('are those of the model, within the noise', () => {
    for (const [index, { tank, filter, layers }] of WATERS.entries()) {
      const predicted = evaluatePack({ ...aloneOn(tank), filter, layers, flow: null }).water.flow;
      const clean = flowState(demoContent(NOW)[index]?.log ?? []).clean;
      expect(Math.abs((clean?.flow.mean ?? 0) / predicted - 1)).toBeLessThan(0.06);
    }
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
