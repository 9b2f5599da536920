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

// The whole judgement, over hundreds of filters, is `npm run judge`.
describe('what is learned from a log', () => {
  it('holds the true service day in 70–90 % of simulated filters, and finds few readings odd', async () => {
    const { simulated, learned, held, odd, readings } = await trial(16, 'as modelled');
    expect(learned).toBeGreaterThan(0.95 * simulated);
    expect(held / learned).toBeGreaterThan(0.7);
    expect(held / learned).toBeLessThan(0.9);
    // One in a hundred is odd by chance.
    expect(odd / readings).toBeLessThan(0.03);
  });

  it('holds it nearly as often where the world is another: warmer, denser floss, and dirt of other sizes', async () => {
    const { learned, held } = await trial(12, 'another');
    expect(held / learned).toBeGreaterThan(0.6);
  });
});
