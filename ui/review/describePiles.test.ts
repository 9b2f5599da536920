import { describe, expect, it } from 'vitest';
import { describePiles } from './describePiles';

describe('describePiles', () => {
  it('counts each pile, and leaves out the empty ones', () => {
    const rows = (['goes back', 'spare', 'goes back', 'throw away'] as const).map((pile) => ({ pile }));
    expect(describePiles(rows)).toBe('2 layers go back, 1 becomes a spare, 1 is thrown away.');
    expect(describePiles(rows.slice(0, 1))).toBe('1 layer goes back.');
    expect(describePiles([{ pile: 'throw away' }])).toBe('0 layers go back, 1 is thrown away.');
  });
});
