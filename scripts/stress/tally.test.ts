import { describe, expect, it } from 'vitest';
import { Counter, formatTallies, isClean } from './tally';

describe('a tally', () => {
  it('counts what was tried and what must not happen, and keeps the first of it', () => {
    const counter = new Counter('Kills under writes', 'kills', ['acknowledged writes lost']);
    counter.count();
    counter.count(1999);
    expect(isClean(counter.tally)).toBe(true);
    counter.fault('acknowledged writes lost', 'entry a');
    counter.fault('acknowledged writes lost', 'entry b');
    expect(isClean(counter.tally)).toBe(false);
    expect(counter.tally.first).toBe('acknowledged writes lost: entry a');
    expect(formatTallies([counter.tally])).toContain(
      '| Kills under writes | 2,000 kills | 2 acknowledged writes lost |',
    );
  });
});
