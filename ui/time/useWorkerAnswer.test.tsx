// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useWorkerAnswer } from './useWorkerAnswer';

interface Ask {
  readonly name: string;
}

/** Lets what was just done reach all who wait for it. */
const settled = async (done: unknown): Promise<void> => {
  await Promise.resolve(done);
};

/** Work that is answered by hand, in the order in which it was asked. */
function byHand() {
  const open: { ask: Ask; answer: (value: string) => void; fail: (reason: Error) => void }[] = [];
  const work = (ask: Ask): Promise<string> =>
    new Promise((resolve, reject) => open.push({ ask, answer: resolve, fail: reject }));
  return { open, work };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('useWorkerAnswer', () => {
  const [a, b, c]: Ask[] = [{ name: 'a' }, { name: 'b' }, { name: 'c' }];

  it('asks at once, says what is stale, and never begins what was asked between', async () => {
    const { open, work } = byHand();
    const { result, rerender } = renderHook(({ ask }) => useWorkerAnswer(ask, work), {
      initialProps: { ask: a! },
    });
    expect(open.map(({ ask }) => ask.name)).toEqual(['a']);
    rerender({ ask: b! });
    rerender({ ask: c! });
    expect(result.current).toMatchObject({ found: null, stale: true, failed: false });
    await act(() => settled(open[0]?.answer('A')));
    expect(result.current).toMatchObject({ found: { of: a, answer: 'A' }, stale: true });
    expect(open.map(({ ask }) => ask.name)).toEqual(['a', 'c']);
    await act(() => settled(open[1]?.answer('C')));
    expect(result.current).toMatchObject({ found: { of: c, answer: 'C' }, stale: false, failed: false });
  });

  it('says that it failed, keeps the answer before, and asks the same again', async () => {
    const { open, work } = byHand();
    const { result, rerender } = renderHook(({ ask }) => useWorkerAnswer(ask, work), {
      initialProps: { ask: a! },
    });
    await act(() => settled(open[0]?.answer('A')));
    rerender({ ask: b! });
    await act(() => settled(open[1]?.fail(new Error('broken'))));
    expect(result.current).toMatchObject({ found: { answer: 'A' }, stale: true, failed: true });
    await act(() => settled(result.current.retry()));
    expect(result.current.failed).toBe(false);
    await act(() => settled(open[2]?.answer('B')));
    expect(result.current).toMatchObject({ found: { of: b, answer: 'B' }, stale: false, failed: false });
  });

  it('does not call what is asked now failed because what was asked before was', async () => {
    const { open, work } = byHand();
    const { result, rerender } = renderHook(({ ask }) => useWorkerAnswer(ask, work), {
      initialProps: { ask: a! },
    });
    rerender({ ask: b! });
    await act(() => settled(open[0]?.fail(new Error('broken'))));
    expect(result.current).toMatchObject({ failed: false, stale: true });
    await act(() => settled(open[1]?.answer('B')));
    expect(result.current.found?.answer).toBe('B');
  });

  it('waits for a pause where it is told to, and asks nothing of nothing', async () => {
    const { open, work } = byHand();
    const { rerender } = renderHook(
      ({ ask }: { ask: Ask | null }) => useWorkerAnswer(ask, work, { pause: 300 }),
      {
        initialProps: { ask: null as Ask | null },
      },
    );
    await act(() => settled(vi.advanceTimersByTime(1000)));
    rerender({ ask: a! });
    await act(() => settled(vi.advanceTimersByTime(200)));
    rerender({ ask: b! });
    await act(() => settled(vi.advanceTimersByTime(299)));
    expect(open).toEqual([]);
    await act(() => settled(vi.advanceTimersByTime(1)));
    expect(open.map(({ ask }) => ask.name)).toEqual(['b']);
  });
});
