// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { useUndo, type Undo } from './useUndo';

afterEach(cleanup);

/** A number that is changed by hand, with its steps. */
function held(): {
  now: () => number;
  steps: () => Undo<number>;
  set: (value: number, mark?: string) => void;
  back: () => void;
  forth: () => void;
} {
  const { result } = renderHook(() => useUndo<number>());
  let present = 0;
  const go = (step: (undo: Undo<number>) => number | null): void =>
    act(() => {
      present = step(result.current) ?? present;
    });
  return {
    now: () => present,
    steps: () => result.current,
    set: (value, mark) =>
      act(() => {
        result.current.remember(present, mark);
        present = value;
      }),
    back: () => go((undo) => undo.undo(present)),
    forth: () => go((undo) => undo.redo(present)),
  };
}

describe('useUndo', () => {
  it('goes back and forth through every step, and no further', () => {
    const value = held();
    expect(value.steps()).toMatchObject({ canUndo: false, canRedo: false });
    [1, 2, 3].forEach((next) => value.set(next));
    value.back();
    value.back();
    expect(value.now()).toBe(1);
    expect(value.steps()).toMatchObject({ canUndo: true, canRedo: true });
    value.back();
    value.back();
    expect(value.now()).toBe(0);
    [1, 2, 3].forEach(() => value.forth());
    value.forth();
    expect(value.now()).toBe(3);
    expect(value.steps()).toMatchObject({ canUndo: true, canRedo: false });
  });

  it('takes changes of one drag as one step', () => {
    const value = held();
    value.set(1, 'drag');
    value.set(2, 'drag');
    value.set(3, 'drag');
    value.set(4, 'another');
    value.back();
    expect(value.now()).toBe(3);
    value.back();
    expect(value.now()).toBe(0);
  });

  it('begins a new step after one was taken back, also with the same mark', () => {
    const value = held();
    value.set(1, 'drag');
    value.set(2);
    value.back();
    expect(value.now()).toBe(1);
    value.set(5, 'drag');
    value.back();
    expect(value.now()).toBe(1);
  });

  it('has nothing to do again once something new was done, and nothing at all once it forgets', () => {
    const value = held();
    value.set(1);
    value.back();
    value.set(7);
    value.forth();
    expect(value.now()).toBe(7);
    act(() => value.steps().forget());
    value.back();
    expect(value.now()).toBe(7);
    expect(value.steps()).toMatchObject({ canUndo: false, canRedo: false });
  });

  it('keeps the newest two hundred steps', () => {
    const value = held();
    for (let next = 1; next <= 250; next += 1) value.set(next);
    for (let step = 0; step < 250; step += 1) value.back();
    expect(value.now()).toBe(50);
  });
});
