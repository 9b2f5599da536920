import { describe, expect, it } from 'vitest';
import type { UncertainTank } from '../biology/courseRange';
import { SWAP_LIMITS } from '../biology/planSwap';
import type { Swap } from '../filter/swap';
import { presetFilter } from '../filter/presetFilter';
import type { LogEntry, TestEntry } from '../log/logEntry';
import { plainLayer } from '../layers/plainLayer';
import { formatSentence } from '../units/sentence';
import { oxygenSaturation } from '../water/oxygenSaturation';
import { cloudyCause } from './cloudyCause';
import { donorWords } from './donorWords';
import { lossCauses } from './lossCauses';
import { readTest, waterTestAdvice, testsOf } from './waterTestAdvice';
import { expectedAt, expectedWater } from './expectedWater';
import { uvOnDate } from './uvOnDate';
import { waterChangeFor } from './waterChangeFor';

const TANK: UncertainTank = {
  volume: 0.18,
  celsius: 25,
  oxygen: oxygenSaturation(25),
  load: 92e-6,
  loadRange: { low: 78e-6, likely: 92e-6, high: 106e-6 },
  staying: 4,
  surfaceRange: { low: 3, likely: 4, high: 5 },
  outside: 1,
  outsideRange: { low: 0.4, likely: 1, high: 3 },
  outsideGrown: 1,
  zeolite: null,
};
const day = (number: number, hour = 12): string =>
  new Date(Date.UTC(2026, 10, 1 + number, hour)).toISOString();
const NO_ZEOLITE = { before: null, after: null, stays: 0 };
const REPACK = { at: day(0), media: { before: 4, after: 4, kept: 0.3, newTank: false, zeolite: NO_ZEOLITE } };
const test = (
  at: string,
  ammonia: number | null,
  nitrite: number | null,
  change: Partial<TestEntry> = {},
): TestEntry => ({
  kind: 'test',
  id: at,
  filterId: 'f',
  jobId: null,
  at,
  note: '',
  ammonia,
  nitrite,
  nitrate: null,
  pH: null,
  scale: 'nitrogen',
  ...change,
});
const changed = (at: string, share: number): LogEntry => ({
  kind: 'water change',
  id: at,
  filterId: 'f',
  jobId: null,
  at,
  note: '',
  share,
  dechlorinated: true,
});
const advice = (log: readonly LogEntry[], now = day(4), repack: typeof REPACK | null = REPACK) => {
  const course = expectedWater(TANK, null, repack, log, now);
  return waterTestAdvice(course, log, { celsius: 25, pH: 7.2, now }, []);
};
const said = (found: ReturnType<typeof advice>): string =>
  [found.verdict.state, found.verdict.next, ...found.todo].map((item) => formatSentence(item)).join(' ');

describe('waterChangeFor', () => {
  // Source: mixing by hand. 0.4 mg/L to 0.2: half of the water. 1 mg/L: three halves leave an eighth, 0.125.
  it('brings a reading under its limit, in halves at most', () => {
    expect(waterChangeFor(0.4e-3, 0.25e-3)).toEqual({ share: 0.5, times: 1 });
    expect(waterChangeFor(0.3e-3, 0.25e-3)?.share).toBeCloseTo(0.35, 9);
    for (const reading of [0.26e-3, 0.5e-3, 1e-3, 3e-3, 8e-3]) {
      const { share, times } = waterChangeFor(reading, 0.25e-3)!;
      expect(share).toBeLessThanOrEqual(0.5);
      expect(reading * (1 - share) ** times).toBeLessThan(0.25e-3);
    }
    expect(waterChangeFor(0.25e-3, 0.25e-3)).toBeNull();
  });
});

describe('settling', () => {
  it('follows the last repack, and nothing when that is long ago', () => {
    const course = expectedWater(TANK, null, REPACK, [], day(4));
    expect(course.cause).toBe('repack');
    const peak = Math.max(...course.bands.ammonia.likely);
    expect(expectedAt(course, 'ammonia', day(3)).likely).toBeGreaterThan(
      1.3 * expectedAt(course, 'ammonia', day(42)).likely,
    );
    expect(peak).toBeGreaterThan(0.15e-3);
    expect(expectedWater(TANK, null, REPACK, [], day(80)).cause).toBe('rest');
  });

  it('knows of the water that was changed', () => {
    const plain = expectedWater(TANK, null, REPACK, [], day(4));
    const course = expectedWater(TANK, null, REPACK, [changed(day(2), 0.5)], day(4));
    const at = (of: typeof plain): number => expectedAt(of, 'nitrite', day(2, 18)).likely;
    expect(at(course)).toBeLessThan(0.75 * at(plain));
  });

  // Common practice, no source: a new tank takes a month for ammonia and nearly two for nitrite.
  it('follows a new tank from a bare start', () => {
    const fresh = { at: day(0), media: { before: 0, after: 4, kept: 0, newTank: true, zeolite: NO_ZEOLITE } };
    const course = expectedWater(TANK, null, fresh, [], day(50));
    expect(course.cause).toBe('repack');
    expect(expectedAt(course, 'nitrite', day(45)).likely).toBeGreaterThan(1e-3);
    expect(expectedAt(course, 'nitrite', day(69)).likely).toBeLessThan(0.25e-3);
    expect(expectedAt(course, 'ammonia', day(45)).likely).toBeLessThan(0.25e-3);
  });

  it('follows a running swap before anything else', () => {
    const swap: Swap = {
      begunOn: '2026-11-01',
      pieces: [{ key: 'a', name: 'Stone', surface: 3, newSurface: 3, whole: false, zeolite: null }],
      stages: [{ day: 2, parts: [{ key: 'a', share: 1 }], doneOn: null }],
    };
    const course = expectedWater(TANK, swap, REPACK, [], day(4));
    expect(course.cause).toBe('swap');
    expect(expectedAt(course, 'ammonia', day(4)).likely).toBeGreaterThan(
      expectedAt(course, 'ammonia', day(0)).likely,
    );
  });
});

describe('waterTestAdvice', () => {
  it('asks for a test when media was changed and none was made', () => {
    expect(said(advice([]))).toMatch(/No test since you changed media/);
    expect(said(advice([], day(4), null))).toMatch(/No media was changed recently/);
  });

  it('is content with readings as expected, and asks for the next in three days', () => {
    const course = expectedWater(TANK, null, REPACK, [], day(4));
    const likely = (key: 'ammonia' | 'nitrite') => expectedAt(course, key, day(4)).likely;
    const small = {
      ammonia: Math.min(0.2e-3, likely('ammonia')),
      nitrite: Math.min(0.2e-3, likely('nitrite')),
    };
    const found = advice([test(day(4), small.ammonia, small.nitrite)]);
    expect(found.verdict.level).toBe('works');
    expect(said(found)).toMatch(/as expected.*Next test in 3 days/);
  });

  // Source: by hand: 0.8 mg/L to 0.2 takes two halves; four times the limit and more is urgent.
  it('says how much water to change when a limit is passed', () => {
    const found = advice([test(day(4), 0.8e-3, 0.1e-3)]);
    expect(found.change).toEqual({ share: 0.5, times: 2 });
    expect(said(found)).toMatch(/Ammonia is at 0.80 mg\/L.*Change 50 %.*a few hours later.*Feed half/);
    expect(found.verdict.level).toBe('check');
    expect(advice([test(day(4), 1.2e-3, 0.1e-3)]).verdict.level).toBe('urgent');
    expect(said(advice([test(day(4), null, 0.4e-3)]))).toMatch(/Nitrite is at 0.40/);
  });

  it('counts free ammonia by the pH of the test', () => {
    // By hand, Emerson 1975: at pH 8.6 and 25 °C a fifth is free: 0.2 · 0.184 = 0.037 mg/L.
    const found = advice([test(day(4), 0.2e-3, 0.1e-3, { pH: 8.6 })]);
    expect(said(found)).toMatch(/Free ammonia \(NH₃\) is at 0.04/);
    expect(found.change).not.toBeNull();
    expect(SWAP_LIMITS.freeAmmonia).toBe(0.02e-3);
  });

  it('sends to a vet what stays up for days', () => {
    expect(said(advice([test(day(1), 0.5e-3, null), test(day(5), 0.6e-3, null)], day(5)))).toMatch(
      /over the limit for days\. Ask an aquatic vet/,
    );
  });

  it('leaves out a reading that is dated ahead of now, and says that a test is needed', () => {
    const ahead = test(day(9), 3e-3, null);
    expect(testsOf([ahead, test(day(2), 0.1e-3, null)], day(4))).toHaveLength(1);
    expect(said(advice([ahead], day(4)))).toMatch(/No test since/);
  });

  it('asks again tomorrow where more is read than expected', () => {
    const calm = { at: day(0), media: { before: 4, after: 4, kept: 1, newTank: false, zeolite: NO_ZEOLITE } };
    const course = expectedWater(TANK, null, calm, [], day(4));
    const [value] = readTest(test(day(4), 0.24e-3, null), course);
    expect(value?.departs).toBe('higher');
    const found = advice([test(day(4), 0.24e-3, null)], day(4), calm);
    expect(found.verdict.level).toBe('check');
    expect(found.testIn).toBe(1);
    expect(said(found)).toMatch(/more than expected/);
  });

  it('asks for no tests after a repack that cost the bacteria no more than a squeeze', () => {
    const squeezed = {
      at: day(0),
      media: { before: 4, after: 4, kept: 0.75, newTank: false, zeolite: NO_ZEOLITE },
    };
    expect(expectedWater(TANK, null, squeezed, [], day(4)).cause).toBe('rest');
    expect(said(advice([], day(4), squeezed))).toMatch(/^No media was changed recently/);
    const lost = { ...squeezed, media: { ...squeezed.media, kept: 0.4 } };
    expect(expectedWater(TANK, null, lost, [], day(4)).cause).toBe('repack');
    expect(said(advice([], day(4), lost))).toMatch(/Test ammonia and nitrite today/);
  });

  it('takes readings in any order of writing, and leaves out those of before', () => {
    const log = [test(day(4), 0.1e-3, 0.1e-3), test(day(2), 2e-3, 2e-3), test(day(-9), 9e-3, 9e-3)];
    expect(advice(log).verdict.level).toBe('works');
    expect(said(advice([test(day(-9), 9e-3, 9e-3)]))).toMatch(/No test since/);
  });
});

describe('what may have done it', () => {
  const found = [{ ...plainLayer('a', 'foam-30', 'tray-1', 0.04), treatment: 'squeeze' as const }];
  it('is read from the record of the repack', () => {
    const words = (kept: number, water: 'tank water' | 'tap water', out: number): string =>
      lossCauses({ kept }, found, water, out)
        .map((item) => formatSentence(item))
        .join(' ');
    expect(words(1, 'tank water', 600)).toBe('');
    expect(words(0.4, 'tap water', 3 * 3600)).toMatch(/60 %.*1 layer was rinsed in tap water.*3 hours/);
  });
});

describe('cloudyCause', () => {
  const said = (change: Partial<Parameters<typeof cloudyCause>[0]>): string =>
    cloudyCause({ days: 0.5, rinsed: 'no', ammonia: 0.05e-3, clearing: 20 * 3600, ...change }).cause;
  // Common practice, no source: dust settles in hours, a bloom comes with ammonia.
  it('tells dust from a bloom by ammonia and time', () => {
    expect(said({})).toBe('dust');
    expect(said({ ammonia: 0.6e-3 })).toBe('bloom');
    expect(said({ ammonia: null })).toBe('test first');
    expect(said({ days: 10 })).toBe('other');
    expect(said({ rinsed: 'yes' })).toBe('other');
  });
});

describe('donorWords', () => {
  const air = { id: 'x', kind: 'sponge' as const, medium: 'foam-30', volume: 0.6e-3 };
  it('offers a third of what is mature, and nothing that is young', () => {
    const said = donorWords([{ ...air, installedOn: null }], day(60));
    expect(formatSentence(said ?? [])).toMatch(/up to 0.20 L of mature medium foam.*air-driven sponge/);
    expect(donorWords([{ ...air, installedOn: '2026-11-20' }], day(30))).toBeNull();
    expect(donorWords([], day(60))).toBeNull();
  });
});

describe('uvOnDate', () => {
  it('keeps a lamp off for three weeks after media was changed, and only then', () => {
    const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
    const lit = { ...filter, equipment: ['UV lamp' as const] };
    expect(uvOnDate(lit, day(0), 0.5, day(2))).toBe(day(21));
    expect(uvOnDate(lit, day(0), 0.99, day(2))).toBeNull();
    expect(uvOnDate(filter, day(0), 0.5, day(2))).toBeNull();
    expect(uvOnDate(lit, day(0), 0.5, day(22))).toBeNull();
  });
});
