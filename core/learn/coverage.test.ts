import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { describe, expect, it } from 'vitest';

/*
 * Filters that exist on paper only: their truth is drawn from the prior, they are read with noise, and the range learned
 * from those readings must hold the true service day as often as it says. Source: the definition of a credible range.
 */
const trial = async (count: number, world: string) => {
  const { stdout } = await promisify(execFile)(process.execPath, [
    ...['--import', 'tsx', 'scripts/learningTrial.ts'],
    String(count),
    world,
  ]);
  return JSON.parse(stdout) as Record<'simulated' | 'learned' | 'held' | 'odd' | 'readings', number>;
};

describe('what is learned from a log', () => {
  // The whole judgement, over hundreds of filters, is `npm run judge`.
  it('holds the true service day of most simulated filters, and finds few readings odd', async () => {
    const { simulated, learned, held, odd, readings } = await trial(16, 'as modelled');
    expect(learned).toBeGreaterThan(0.8 * simulated);
    expect(held / learned).toBeGreaterThan(0.5);
    expect(odd / readings).toBeLessThan(0.1);
  });
});
