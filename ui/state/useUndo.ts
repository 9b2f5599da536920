'use client';
import { useCallback, useRef, useState } from 'react';

/** Most steps that can be taken back. */
const MAX_STEPS = 200;

export interface Undo<T> {
  /** Remembers the value before a change. Changes that follow each other with the same mark are one step. */
  readonly remember: (before: T, mark?: string) => void;
  /** The value to go back or forward to from the present one, or null when there is none. */
  readonly undo: (present: T) => T | null;
  readonly redo: (present: T) => T | null;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly forget: () => void;
}

/** Steps back and forward through values that somebody else holds. */
export function useUndo<T>(): Undo<T> {
  const steps = useRef<{ past: T[]; future: T[]; mark: string | undefined }>({
    past: [],
    future: [],
    mark: undefined,
  });
  const [depth, setDepth] = useState({ past: 0, future: 0 });
  const show = useCallback(
    () => setDepth({ past: steps.current.past.length, future: steps.current.future.length }),
    [],
  );

  const remember = useCallback(
    (before: T, mark?: string) => {
      const { past, mark: lastMark } = steps.current;
      if (mark === undefined || mark !== lastMark || past.length === 0) {
        past.push(before);
        if (past.length > MAX_STEPS) past.shift();
      }
      steps.current.future = [];
      steps.current.mark = mark;
      show();
    },
    [show],
  );

  const step = useCallback(
    (from: 'past' | 'future', to: 'past' | 'future', present: T): T | null => {
      const value = steps.current[from].pop();
      if (value === undefined) return null;
      steps.current[to].push(present);
      steps.current.mark = undefined;
      show();
      return value;
    },
    [show],
  );

  const undo = useCallback((present: T) => step('past', 'future', present), [step]);
  const redo = useCallback((present: T) => step('future', 'past', present), [step]);
  const forget = useCallback(() => {
    steps.current = { past: [], future: [], mark: undefined };
    show();
  }, [show]);
  return { remember, undo, redo, canUndo: depth.past > 0, canRedo: depth.future > 0, forget };
}
