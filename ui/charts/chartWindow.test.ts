import { describe, expect, it } from 'vitest';
import { chartOrigin, fitWindow, MIN_DAYS, monthTicks, wholeDay } from './chartWindow';

const NOW = '2026-11-27T10:00:00.000Z';

describe('chartOrigin', () => {
  it('is the day of the first thing that is known, and a month back where little is', () => {
    expect(chartOrigin(['2026-03-02T23:59:00.000Z', NOW], NOW)).toBe('2026-03-02');
    expect(chartOrigin([], NOW)).toBe('2026-10-28');
    expect(chartOrigin([NOW], NOW)).toBe('2026-10-28');
  });
});

describe('fitWindow', () => {
  it('keeps within the axis', () => {
    expect(fitWindow(-40, 900, 400)).toEqual([0, 400]);
    expect(fitWindow(100.4, 200.6, 400)).toEqual([100, 201]);
    expect(wholeDay(-Infinity, 400)).toBe(0);
  });

  it('never shows fewer days than it must, at either end', () => {
    for (const [from, to] of [
      [50, 50],
      [399, 400],
      [60, 20],
    ] as const) {
      const [first, last] = fitWindow(from, to, 400);
      expect(last - first).toBeGreaterThanOrEqual(MIN_DAYS);
      expect(last).toBeLessThanOrEqual(400);
    }
  });
});

describe('monthTicks', () => {
  it('names the first of each month, fewer where there is little room, and none that would be cut', () => {
    const first = new Date('2026-01-15T00:00:00.000Z');
    const named = (width: number) =>
      monthTicks(first, 200, width).map(({ at }) => at.toISOString().slice(5, 10));
    expect(named(1200)).toEqual(['02-01', '03-01', '04-01', '05-01', '06-01', '07-01']);
    expect(named(240)).toEqual(['02-01', '04-01', '06-01']);
    expect(monthTicks(first, 200, 1200)[0]?.day).toBe(17);
  });
});
