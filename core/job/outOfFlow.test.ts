import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { OutOfFlow } from './outOfFlow';
import {
  clockAdvice,
  filmSurvival,
  stopClock,
  startClock,
  secondsOutOfFlow,
  clockState,
} from './outOfFlowClock';

const at = (minute: number): string => new Date(Date.UTC(2026, 10, 25, 10, minute)).toISOString();

describe('the clock for media out of flow', () => {
  // Source: less than an hour is the usual aim; parked in running water media is safe for days (common practice, no source).
  it('runs while nothing flows, and stands still while parked', () => {
    let spans: OutOfFlow = [];
    expect(clockState(spans)).toBe('not started');
    spans = startClock(spans, at(0));
    expect(clockState(spans)).toBe('running');
    expect(secondsOutOfFlow(spans, at(20))).toBe(20 * 60);
    spans = stopClock(spans, at(30), 'Hatchery');
    expect(clockState(spans)).toBe('parked');
    expect(secondsOutOfFlow(spans, at(600))).toBe(30 * 60);
    spans = startClock(spans, at(600));
    spans = stopClock(spans, at(610), '');
    expect(clockState(spans)).toBe('back');
    expect(secondsOutOfFlow(spans, at(9999))).toBe(40 * 60);
  });

  it('does not start twice, and is never negative', () => {
    const spans = startClock(startClock([], at(5)), at(9));
    expect(spans).toHaveLength(1);
    expect(secondsOutOfFlow(spans, at(0))).toBe(0);
  });

  it('keeps nearly all film within the usual hour, most of none after a day', () => {
    expect(filmSurvival(0)).toBe(1);
    expect(filmSurvival(3600)).toBeCloseTo(0.95, 2);
    expect(filmSurvival(4 * 3600)).toBeCloseTo(0.6, 2);
    expect(filmSurvival(24 * 3600)).toBeLessThan(0.01);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e6, noNaN: true }),
        fc.double({ min: 0, max: 1e5, noNaN: true }),
        (time, more) => {
          expect(filmSurvival(time + more)).toBeLessThanOrEqual(filmSurvival(time));
          expect(filmSurvival(time + more)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it('asks for more the longer it takes', () => {
    expect(clockAdvice(600)).toMatch(/under old tank water/);
    expect(clockAdvice(5000)).toMatch(/Over an hour/);
    expect(clockAdvice(5 * 3600)).toMatch(/test ammonia/);
  });
});
