'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { latestOnly } from './latestOnly';

/** What a worker was asked last and what came of it. */
export interface WorkerAnswer<Ask, Answer> {
  /** The newest answer, with what was asked: it may be of a moment ago. Null until one has come. */
  readonly found: { readonly of: Ask; readonly answer: Answer } | null;
  /** The answer to what is asked now has not come yet. */
  readonly stale: boolean;
  /** What is asked now could not be worked out. */
  readonly failed: boolean;
  /** Asks the same again. */
  readonly retry: () => void;
}

/**
 * Asks a worker whenever the question changes; while it works only the newest question waits. What cannot be worked
 * out is reported, and can be asked again.
 *
 * @param ask the question, the same object while it stays the same; null asks nothing
 * @param work asks the worker; the same function at every call
 * @param rest milliseconds between an answer and the next question: room for what is drawn while an edge is dragged
 * @param pause milliseconds without a change before it is asked: for what nobody waits for while an edge is dragged
 */
export function useWorkerAnswer<Ask extends object, Answer>(
  ask: Ask | null,
  work: (ask: Ask) => Promise<Answer>,
  { pause = 0, rest = 0 }: { readonly pause?: number; readonly rest?: number } = {},
): WorkerAnswer<Ask, Answer> {
  const [found, setFound] = useState<WorkerAnswer<Ask, Answer>['found']>(null);
  const [failedOf, setFailedOf] = useState<Ask | null>(null);
  const [tries, setTries] = useState(0);
  const question = useRef<((ask: Ask) => void) | null>(null);
  useEffect(() => {
    if (ask === null) return undefined;
    question.current ??= latestOnly(
      work,
      (of, answer) => {
        setFailedOf(null);
        setFound({ of, answer });
      },
      (of) => setFailedOf(of),
      rest,
    );
    const put = () => question.current?.(ask);
    if (pause === 0) {
      put();
      return undefined;
    }
    const timer = setTimeout(put, pause);
    return () => clearTimeout(timer);
  }, [ask, work, pause, rest, tries]);
  const retry = useCallback(() => {
    setFailedOf(null);
    setTries((count) => count + 1);
  }, []);
  return { found, stale: found?.of !== ask, failed: ask !== null && failedOf === ask, retry };
}
