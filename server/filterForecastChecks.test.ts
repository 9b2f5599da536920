import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { PastForecast, PastForecastInput } from '@/core/outlook/pastForecast';
import { demoContent } from '@/demo/demoContent';
import { insertFilterContent } from '@/store/filterFiles';
import { openDatabase, type Db } from '@/store/openDatabase';
import { filterForecastChecks } from './filterForecastChecks';
import { pastPacks } from './pastPacks';

const NOW = new Date('2026-11-25T12:00:00Z');
/** Long run is packed every 47 days, as the demo tells. */
const DAYS_APART = 47;

describe('past forecasts of the demo’s Long run', () => {
  let db: Db;
  beforeEach(() => {
    db = openDatabase(':memory:');
    for (const content of demoContent(NOW)) insertFilterContent(db, content);
  });
  const foreseen = ({ packedAt }: PastForecastInput): Promise<PastForecast> =>
    Promise.resolve({
      packedAt,
      by: 'through',
      ...{ earliest: 50, likely: 60, latest: 70 },
      clean: { low: 3e-4, likely: 3.5e-4, high: 4e-4 },
      level: null,
    });

  it('are of the last packs that were taken out again, each by the log before it alone', () => {
    const packs = pastPacks(db, 'long-run');
    expect(packs).toHaveLength(3);
    for (const { input, life } of packs) {
      expect(life.end).toBeCloseTo(DAYS_APART, 0);
      expect(life.flows.length).toBeGreaterThan(2);
      expect(input.stretches.length).toBeGreaterThan(0);
      const own = new Set(life.flows.map(({ id }) => id));
      expect(input.stretches.flatMap(({ flows }) => flows).filter(({ id }) => own.has(id))).toEqual([]);
    }
    expect(pastPacks(db, 'hatchery').length).toBeGreaterThan(0);
  });

  it('are worked out once, held against what was read, and kept', async () => {
    const workOut = vi.fn(foreseen);
    const checks = await filterForecastChecks(db, 'long-run', workOut);
    expect(workOut).toHaveBeenCalledTimes(3);
    const service = checks.filter(({ what }) => what === 'service');
    // The demo’s flow falls under 60 % before day 47: sooner than the 50 days that are said here.
    expect(service.map(({ off }) => Math.sign(off!))).toEqual([-1, -1, -1]);
    const again = await filterForecastChecks(db, 'long-run', () => Promise.reject(new Error('again')));
    expect(again).toEqual(checks);
  });

  it('keep that nothing could be foreseen, and nothing of work that failed', async () => {
    await expect(
      filterForecastChecks(db, 'long-run', () => Promise.reject(new Error('ended'))),
    ).rejects.toThrow('ended');
    const none = vi.fn(() => Promise.resolve(null));
    expect(await filterForecastChecks(db, 'long-run', none)).toEqual([]);
    expect(await filterForecastChecks(db, 'long-run', none)).toEqual([]);
    expect(none).toHaveBeenCalledTimes(3);
  });
});
