import { describe, expect, it } from 'vitest';
import { oneAtATime } from './oneAtATime';

describe('oneAtATime', () => {
  it('begins what comes next when what is under way has ended, well or not, and answers each its own', async () => {
    const inTurn = oneAtATime();
    const events: string[] = [];
    const work = (name: string, fails = false) =>
      inTurn(async () => {
        events.push(`${name} begins`);
        await Promise.resolve();
        events.push(`${name} ends`);
        if (fails) throw new Error(name);
        return name;
      });
    const all = await Promise.allSettled([work('a'), work('b', true), work('c')]);
    expect(events).toEqual(['a begins', 'a ends', 'b begins', 'b ends', 'c begins', 'c ends']);
    expect(all.map((one) => (one.status === 'fulfilled' ? one.value : 'failed'))).toEqual([
      'a',
      'failed',
      'c',
    ]);
  });
});
