import { describe, expect, it } from 'vitest';
import { forecastChecks, offTwice, scoreOf, type ForecastCheck } from './forecastCheck';
import type { PastForecast } from './pastForecast';

const past: PastForecast = {
  packedAt: '2026-01-01T12:00:00.000Z',
  by: 'through',
  ...{ earliest: 40, likely: 45, latest: 50 },
  clean: { low: 2.8e-4, likely: 3e-4, high: 3.2e-4 },
  level: { likely: [0.03, 0.02, 0.01], low: [0.025, 0.015, 0.005], high: [0.035, 0.025, 0.015] },
};
const flow = (day: number, share: number) => ({ id: String(day), day, flow: share * 3e-4, spread: 0.02 });
type Life = Parameters<typeof forecastChecks>[1];
const life: Life = { flows: [flow(0, 1), flow(20, 0.8), flow(40, 0.4)], levels: [], visits: [], end: 41 };
const of = (changed: Partial<Life> = {}, shows = true) =>
  forecastChecks(past, { ...life, ...changed }, shows);

describe('forecastChecks', () => {
  // By hand: from 0.8 on day 20 to 0.4 on day 40 the flow falls by 0.02 a day, so 0.6 is reached on day 30, ten days early.
  it('finds when service was due between two readings, and how far that is outside the range', () => {
    expect(of()[0]).toMatchObject({ what: 'service', openedOn: null });
    expect(of()[0]!.seen).toBeCloseTo(30, 9);
    expect(of()[0]!.off).toBeCloseTo(-10, 9);
    const late = of({ flows: [flow(0, 1), flow(45, 0.7), flow(47, 0.5)], end: 48 })[0]!;
    expect([late.seen, late.off]).toEqual([expect.closeTo(46, 9), 0]);
  });

  it('says nothing of service where the filter was opened or cleaned before it was due, unless that was late', () => {
    const fine = { flows: [flow(0, 1), flow(20, 0.9)] };
    expect(of({ ...fine, end: 30 })[0]).toMatchObject({ seen: null, openedOn: 30, off: null });
    expect(of({ ...fine, end: 62 })[0]).toMatchObject({ seen: null, off: 12 });
    const visits = [{ day: 25, works: [] }];
    expect(of({ visits })[0]).toMatchObject({ seen: null, openedOn: 25 });
  });

  it('holds the clean flow and the water level against their ranges', () => {
    const levels = [{ id: 'l', day: 3.4, headroom: 0.013 }];
    const checks = of({ flows: [flow(1, 1.1)], levels });
    expect(checks.map(({ what }) => what)).toEqual(['service', 'flow', 'level']);
    expect(checks[1]!.off).toBeCloseTo(0.1e-4, 12);
    expect(checks[2]!.off).toBeCloseTo(-0.002, 12);
    // Further ahead than was looked, and where the water goes around the media, nothing is said.
    expect(of({ levels: [{ ...levels[0]!, day: 30 }] }).map(({ what }) => what)).toEqual(['service', 'flow']);
    expect(of({}, false).map(({ what }) => what)).toEqual(['flow']);
    expect(of({ flows: [flow(9, 1)] })).toEqual([]);
  });
});

describe('how they turned out', () => {
  const check = (off: number | null, what: ForecastCheck['what'] = 'service') =>
    ({ what, off }) as ForecastCheck;
  it('counts what is within, below and above', () => {
    expect(scoreOf([check(0), check(-3), check(4), check(2), check(null)])).toEqual({
      ...{ told: 4, within: 1, below: 1, above: 2 },
    });
  });
  it('knows when the newest two were off the same way', () => {
    expect(offTwice([check(1), check(-2), check(5, 'flow'), check(-1)], 'service')).toBe(-1);
    expect(offTwice([check(1), check(null), check(3)], 'service')).toBe(1);
    expect(offTwice([check(1), check(0)], 'service')).toBeNull();
    expect(offTwice([check(1), check(-1)], 'service')).toBeNull();
    expect(offTwice([check(1)], 'service')).toBeNull();
  });
});
