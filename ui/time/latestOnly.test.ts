import { describe, expect, it, vi } from 'vitest';
import { latestOnly } from './latestOnly';

describe('latestOnly', () => {
  /** Work whose pieces end when they are told to. */
  function bench(rest = 0) {
    const begun: number[] = [];
    const done: [number, string][] = [];
    const failed: unknown[] = [];
    const ends: { finish: () => void; fail: () => void }[] = [];
    const ask = latestOnly<number, string>(
      (value) => {
        begun.push(value);
        return new Promise((resolve, reject) => {
          ends.push({ finish: () => resolve(`${value}!`), fail: () => reject(new Error('torn')) });
        });
      },
      (number, answer) => done.push([number, answer]),
      (_, error) => failed.push(error),
      rest,
    );
    const settle = () => new Promise((resolve) => setTimeout(resolve));
    return { ask, begun, done, failed, ends, settle };
  }

  it('begins the first at once, and of those that came meanwhile only the last', async () => {
    const { ask, begun, done, ends, settle } = bench();
    [1, 2, 3, 4].forEach(ask);
    expect(begun).toEqual([1]);
    ends[0]?.finish();
    await settle();
    expect(begun).toEqual([1, 4]);
    ends[1]?.finish();
    await settle();
    expect(done).toEqual([
      [1, '1!'],
      [4, '4!'],
    ]);
  });

  it('rests before the next, and then takes the newest', async () => {
    const { ask, begun, ends, settle } = bench(20);
    ask(1);
    ask(2);
    ends[0]?.finish();
    await settle();
    ask(3);
    expect(begun).toEqual([1]);
    await vi.waitFor(() => expect(begun).toEqual([1, 3]));
  });

  it('goes on after a failure', async () => {
    const { ask, begun, done, failed, ends, settle } = bench();
    ask(1);
    ask(2);
    ends[0]?.fail();
    await settle();
    expect(failed).toHaveLength(1);
    expect(begun).toEqual([1, 2]);
    ends[1]?.finish();
    await settle();
    expect(done).toEqual([[2, '2!']]);
  });
});
