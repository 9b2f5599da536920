import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { poolOf } from './pool';

describe('poolOf', () => {
  it('gives the best for the weights first, each once, and then nothing', () => {
    const pool = poolOf<string>(2);
    pool.add('cheap and slow', [1, 9]);
    pool.add('dear and quick', [8, 2]);
    pool.add('between', [4, 5]);
    expect(pool.take([1, 0])).toBe('cheap and slow');
    expect(pool.take([0, 1])).toBe('dear and quick');
    expect(pool.take([0, 1])).toBe('between');
    expect(pool.take([1, 1])).toBeNull();
  });

  it('weighs losses by their span, so that a wish in large numbers counts no more', () => {
    const pool = poolOf<string>(2);
    pool.add('litres', [0, 1000]);
    pool.add('drops', [1, 0]);
    pool.add('both half', [0.5, 100]);
    // In shares of the spans: 1, 1 and 0.6.
    expect(pool.take([1, 1])).toBe('both half');
  });

  it('does not mind a loss that is the same for all', () => {
    const pool = poolOf<number>(2);
    [3, 1, 2].forEach((loss) => pool.add(loss, [7, loss]));
    expect([0, 1, 2].map(() => pool.take([5, 1]))).toEqual([1, 2, 3]);
  });

  it('takes what a plain search over all would take, however many there are', () => {
    const loss = fc.integer({ min: 0, max: 1000 });
    const row = fc.tuple(loss, loss);
    fc.assert(
      fc.property(fc.array(row, { minLength: 2, maxLength: 60 }), (rows) => {
        const pool = poolOf<number>(2);
        rows.forEach((losses, index) => pool.add(index, losses));
        const spans = [0, 1].map((at) => {
          const values = rows.map((losses) => losses[at]!);
          return Math.max(...values) - Math.min(...values);
        });
        const weigh = (losses: readonly [number, number]): number =>
          losses.reduce((sum, value, at) => sum + (spans[at]! > 0 ? value / spans[at]! : 0), 0);
        const taken = pool.take([1, 1])!;
        expect(weigh(rows[taken]!)).toBeLessThanOrEqual(Math.min(...rows.map(weigh)) + 1e-9);
      }),
    );
    const large = poolOf<number>(1);
    for (let index = 0; index < 5000; index += 1) large.add(index, [Math.abs(index - 4321)]);
    expect(large.take([1])).toBe(4321);
  });
});
