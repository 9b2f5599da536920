// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useStopwatch } from './useStopwatch';

const LABEL = 1000 / 3.6e6;
const sent: unknown[] = [];
const onSaved = vi.fn();

beforeEach(() => {
  vi.useFakeTimers({ now: new Date('2026-12-01T12:00:00.000Z') });
  sent.length = 0;
  onSaved.mockReset();
  localStorage.clear();
  vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
    sent.push(JSON.parse(body));
    return Promise.resolve(Response.json(JSON.parse(body)));
  });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const watch = () =>
  renderHook(() => useStopwatch({ labelFlow: LABEL, filterId: 'f', jobId: null, onSaved, inBrowser: true }));
const pass = (ms: number): void => {
  act(() => {
    vi.advanceTimersByTime(ms);
  });
};
const settle = () => act(() => vi.advanceTimersByTimeAsync(0));

describe('the stopwatch', () => {
  it('times fillings by the clock, and goes on with them after a reload', () => {
    const first = watch();
    act(() => first.result.current.clock.toggle());
    pass(12_340);
    act(() => first.result.current.clock.toggle());
    expect(first.result.current.seconds).toEqual([12.34]);
    act(() => first.result.current.clock.toggle());
    pass(5000);
    first.unmount();
    const second = watch();
    expect(second.result.current.seconds).toEqual([12.34]);
    expect(second.result.current.canSave).toBe(false);
    pass(6000);
    act(() => second.result.current.clock.toggle());
    expect(second.result.current.seconds).toEqual([12.34, 11]);
    expect(second.result.current.canSave).toBe(true);
  });

  it('does not count a press that cannot be a filling', () => {
    const { result } = watch();
    act(() => result.current.add(0.1));
    expect(result.current.seconds).toEqual([]);
    expect(result.current.faults[0]).toMatch(/was not counted/);
    act(() => result.current.add(12));
    expect(result.current.faults).toEqual([]);
  });

  it('saves a flow that the pump can give, and forgets its fillings', async () => {
    const { result } = watch();
    act(() => result.current.add(12));
    act(() => result.current.add(12.5));
    act(() => result.current.remove(0));
    act(() => result.current.save('clean'));
    await settle();
    expect(sent).toMatchObject([{ kind: 'flow', moment: 'clean', jugVolume: 2e-3, seconds: [12.5] }]);
    expect(onSaved).toHaveBeenCalledTimes(1);
    expect(result.current.seconds).toEqual([]);
  });

  it('asks about a flow that the pump can hardly give, and anew once another time is added', async () => {
    const { result } = watch();
    // Two litres in two seconds are 3,600 L/h, from a pump of 1,000.
    act(() => result.current.add(2));
    act(() => result.current.save('between'));
    expect(result.current.doubt).not.toBeNull();
    act(() => result.current.add(2.1));
    expect(result.current.doubt).toBeNull();
    act(() => result.current.save('between'));
    expect(sent).toEqual([]);
    act(() => result.current.saveAnyway('between'));
    await settle();
    expect(sent).toMatchObject([{ seconds: [2, 2.1] }]);
  });
});
