import { afterAll, describe, expect, it } from 'vitest';
import { workOutOutlook, type OutlookInput } from '@/core/outlook/workOutOutlook';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { newTank } from '@/core/tank/newTank';
import { outlookPool, threadsFor } from './outlookPool';

const filter = presetFilter('internal-sponge', { id: 'f', tankId: 't' }, 'Test');
const tank = {
  ...newTank('t', 'Test', 0.05),
  feed: { amount: { by: 'weight', perDay: 5e-4 } as const, protein: 0.4 },
};
const input: OutlookInput = {
  place: { tank, filter, others: [] },
  stretches: [],
  current: {
    layers: [plainLayer('a', 'foam-30', 'sponge', 0.025)],
    packedAt: '2026-11-01T12:00:00.000Z',
    done: [],
    today: 10,
  },
};

describe('outlookPool', () => {
  const pool = outlookPool(process.cwd(), 1);
  afterAll(() => pool.end());

  it('leaves a core to the pages, and has a thread at least', () => {
    expect([1, 2, 8].map(threadsFor)).toEqual([1, 1, 7]);
  });

  it('answers as the core does, tells how far it is, and goes on after a thread has ended', async () => {
    const told: number[] = [];
    const here = workOutOutlook(input);
    expect(await pool.run(input, (share) => told.push(share))).toEqual(here);
    expect(told.length).toBeGreaterThan(5);
    expect(told).toEqual(told.toSorted((a, b) => a - b));
    // Ended in the middle of its work.
    const ends = new AbortController();
    await expect(pool.run(input, () => ends.abort(), ends.signal)).rejects.toThrow();
    // What it cannot work with fails, and only that.
    const broken = { ...input, place: { ...input.place, filter: null } } as unknown as OutlookInput;
    await expect(pool.run(broken, () => undefined)).rejects.toThrow();
    expect(await pool.run(input, () => undefined)).toEqual(here);
  });
});
