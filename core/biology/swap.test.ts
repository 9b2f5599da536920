import { describe, expect, it } from 'vitest';
import type { SwapPiece } from '../filter/swap';
import { oxygenSaturation } from '../water/oxygenSaturation';
import { peaksOf, planSwap, stagesOf, staysUnder, SWAP_LIMITS } from './planSwap';
import { swapCourse, type SwapTank } from './swapCourse';
import { cautiousTank, type UncertainTank } from './courseRange';
import { swapRange } from './swapRange';

const TANK: SwapTank = {
  volume: 0.18,
  celsius: 25,
  oxygen: oxygenSaturation(25),
  load: 92e-6,
  staying: 1,
  outside: 0,
  outsideGrown: 1,
  zeolite: null,
};
const piece = (key: string, surface: number, change: Partial<SwapPiece> = {}): SwapPiece => ({
  key,
  name: key,
  surface,
  newSurface: surface,
  whole: false,
  zeolite: null,
  ...change,
});
const stone = [piece('a', 2), piece('b', 2)];

describe('stagesOf', () => {
  it('shares all of every piece out, once', () => {
    for (const count of [1, 2, 3, 5, 8]) {
      const stages = stagesOf([piece('a', 3), piece('b', 1), piece('c', 0.2, { whole: true })], count, 7);
      const given = new Map<string, number>();
      for (const { key, share } of stages.flatMap(({ parts }) => parts))
        given.set(key, (given.get(key) ?? 0) + share);
      for (const key of ['a', 'b', 'c']) expect(given.get(key)).toBeCloseTo(1, 9);
      expect(stages[0]?.day).toBe(0);
    }
  });

  it('never cuts a cartridge in two', () => {
    const shares = stagesOf(
      ['a', 'b', 'c'].map((key) => piece(key, 1, { whole: true })),
      3,
      7,
    ).map(({ parts }) => parts.map(({ share }) => share));
    expect(shares).toEqual([[1], [1], [1]]);
  });
});

describe('swapCourse', () => {
  it('is calm while nothing is taken out, and rises with what is', () => {
    const peak = (share: number): number =>
      peaksOf(swapCourse(TANK, stone, [{ day: 0, parts: [{ key: 'a', share }] }]), 25, 7).ammonia;
    const calm = swapCourse(TANK, stone, []);
    expect(peak(0) / calm.before.ammonia).toBeLessThan(1.05);
    expect(peak(0.5)).toBeGreaterThan(peak(0.2));
    expect(peak(1)).toBeGreaterThan(peak(0.5));
  });

  it('swaps everything at once if it is told to, and says what happens', () => {
    const all = stone.map(({ key }) => ({ key, share: 1 }));
    const peaks = peaksOf(swapCourse({ ...TANK, staying: 0 }, stone, [{ day: 0, parts: all }], 60), 25, 7);
    expect(peaks.ammonia).toBeGreaterThan(2e-3);
    expect(staysUnder(peaks, SWAP_LIMITS)).toBe(false);
  });

  it('leaves the film what zeolite took, when that goes', () => {
    const out = (everyDays: number): number => {
      const zeolite = { capacity: 5e-3, affinity: 100, everyDays };
      const all = [{ day: 0, parts: [{ key: 'z', share: 1 }] }];
      return peaksOf(swapCourse(TANK, [piece('z', 0.1, { zeolite })], all), 25, 7).ammonia;
    };
    // Recharged often it starved the film; after months in the water it is full and takes nothing.
    expect(out(2)).toBeGreaterThan(1.2 * out(180));
    const idle = swapCourse(TANK, [piece('z', 0.1)], [{ day: 0, parts: [{ key: 'z', share: 1 }] }]);
    expect(out(180) / peaksOf(idle, 25, 7).ammonia).toBeCloseTo(1, 1);
  });

  it('rises less while zeolite stays, and begins with less film where an air-driven filter is new', () => {
    const half = [{ day: 7, parts: [{ key: 'a', share: 1 }] }];
    const peak = (change: Partial<SwapTank>): number =>
      peaksOf(swapCourse({ ...TANK, outside: 1, ...change }, stone, half), 25, 7).ammonia;
    expect(peak({ zeolite: { capacity: 10e-3, affinity: 100 } })).toBeLessThan(0.95 * peak({}));
    const first = (grown: number): number =>
      Math.max(...swapCourse({ ...TANK, outside: 4, outsideGrown: grown }, stone, []).ammonia.slice(0, 20));
    expect(first(0.1)).toBeGreaterThan(1.1 * first(1));
  });
});

describe('planSwap', () => {
  it('does in one go what does no harm, and in few stages what would', () => {
    expect(planSwap(TANK, [piece('a', 0.3)], 7).stages).toHaveLength(1);
    const plan = planSwap(TANK, stone, 7);
    expect(plan.holds).toBe(true);
    expect(plan.stages.length).toBeGreaterThan(1);
    // Remove a stage would not hold, however long apart; a day less between them would not either.
    const fewer = stagesOf(stone, plan.stages.length - 1, 28);
    expect(staysUnder(peaksOf(swapCourse(TANK, stone, fewer), 25, 7), SWAP_LIMITS)).toBe(false);
    const apart = plan.stages[1]!.day;
    if (apart > 3) {
      const sooner = stagesOf(stone, plan.stages.length, apart - 1);
      expect(staysUnder(peaksOf(swapCourse(TANK, stone, sooner), 25, 7), SWAP_LIMITS)).toBe(false);
    }
  });

  it('asks for more where more ammonia is free', () => {
    expect(planSwap(TANK, stone, 8.4).stages.length).toBeGreaterThanOrEqual(
      planSwap(TANK, stone, 7).stages.length,
    );
  });

  it('says so where not even many stages hold', () => {
    const full = planSwap({ ...TANK, load: 6e-4 }, stone, 7);
    expect(full.holds).toBe(false);
    expect(full.stages.length).toBeGreaterThan(0);
  });
});

describe('swapRange', () => {
  const uncertain: UncertainTank = {
    ...TANK,
    outside: 1,
    loadRange: { low: 75e-6, likely: 92e-6, high: 115e-6 },
    outsideRange: { low: 0.3, likely: 1, high: 3 },
    surfaceRange: { low: 0.5, likely: 1, high: 1.6 },
  };

  it('holds the likely course, and is wide where the water is disturbed', () => {
    const stages = [{ day: 7, parts: [{ key: 'a', share: 1 }] }];
    const { ammonia } = swapRange(uncertain, stone, stages);
    for (let sample = 0; sample < ammonia.low.length; sample += 1) {
      expect(ammonia.low[sample]).toBeLessThanOrEqual(ammonia.likely[sample]! * 1.02);
      expect(ammonia.high[sample]).toBeGreaterThanOrEqual(ammonia.likely[sample]! * 0.98);
    }
    const width = (day: number): number => ammonia.high[4 * day]! - ammonia.low[4 * day]!;
    expect(width(9)).toBeGreaterThan(width(5));
  });

  it('plans for the careful end', () => {
    expect(cautiousTank(uncertain)).toMatchObject({ load: 115e-6, outside: 0.3 });
  });
});
