import { describe, expect, it } from 'vitest';
import { elapsedAtOpening, timerElapsed } from './timerClock';

const look = (wall: number, steady: number) => ({ wall, steady });
const HOUR = 3_600_000;

describe('a timer beside the tank', () => {
  it('runs with the clock', () => {
    expect(timerElapsed(5000, look(0, 0), look(1000, 1000), false)).toBe(6000);
  });

  it('takes no notice of a clock that is set back or forward while it is watched', () => {
    expect(timerElapsed(5000, look(0, 0), look(1000 - HOUR, 1000), false)).toBe(6000);
    expect(timerElapsed(5000, look(0, 0), look(1000 + HOUR, 1000), false)).toBe(6000);
  });

  it('goes on while the phone sleeps, whose steady clock stands still', () => {
    expect(timerElapsed(5000, look(0, 0), look(300_000, 10), true)).toBe(305_000);
  });

  it('never runs backwards, and begins again at nothing where the clock was set back before a reload', () => {
    expect(timerElapsed(5000, look(0, 100), look(-HOUR, 50), true)).toBe(5000);
    expect(elapsedAtOpening('2026-01-01T10:00:00Z', Date.parse('2026-01-01T09:00:00Z'))).toBe(0);
    expect(elapsedAtOpening('2026-01-01T10:00:00Z', Date.parse('2026-01-01T10:04:00Z'))).toBe(240_000);
  });
});
