import { describe, expect, it } from 'vitest';
import { timeLeft } from './timeLeft';

describe('a timer', () => {
  it('counts down to nothing and stays there', () => {
    expect(timeLeft('2026-01-01T10:00:00Z', 600, '2026-01-01T10:04:00Z')).toBe(360);
    expect(timeLeft('2026-01-01T10:00:00Z', 600, '2026-01-01T12:00:00Z')).toBe(0);
  });

  it('never runs longer than it was set, when the clock was set back', () => {
    expect(timeLeft('2026-01-01T10:00:00Z', 600, '2026-01-01T09:00:00Z')).toBe(600);
  });
});
