'use client';
import { useEffect, useState } from 'react';
import type { OutlookInput } from '@/core/care/workOutOutlook';
import type { OutlookState } from '@/store/outlooks';
import { send } from '../state/send';
import { workOut } from './workOut';

/** Milliseconds before work begins: who only passes through wants nothing worked out. */
const PAUSE = 1500;

/** What lies ahead of a filter, and how far a newer answer has come. */
export interface OutlookWork {
  readonly state: OutlookState;
  /** Share of the work that is done, 0–1; null: none is being done. */
  readonly done: number | null;
  readonly failed: boolean;
}

/**
 * What lies ahead of a filter as worked out last; where pack or log have changed since, it is worked out anew in a worker
 * and kept.
 *
 * @param first as the page was drawn; null: nothing is asked
 * @param changed grows when the log was changed on this page
 */
export function useOutlook(filterId: string, first: OutlookState, changed = 0): OutlookWork {
  const [state, setState] = useState(first);
  const [done, setDone] = useState<number | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (first.isFresh && changed === 0) return undefined;
    const ends = new AbortController();
    const work = async (): Promise<void> => {
      const answer = await fetch(`/api/filters/${filterId}/outlook`, { signal: ends.signal });
      if (!answer.ok) throw new Error(answer.statusText);
      const found = (await answer.json()) as { state: OutlookState; input: OutlookInput | null };
      if (found.state.isFresh) {
        setState(found.state);
        return;
      }
      if (found.input === null) throw new Error('A document that is needed cannot be read.');
      setDone(0);
      const outlook = await workOut(
        found.input,
        (share) => {
          if (!ends.signal.aborted) setDone(share);
        },
        ends.signal,
      );
      const kept = await send<OutlookState>('PUT', `/api/filters/${filterId}/outlook`, {
        revision: found.state.revision,
        outlook,
      });
      if (ends.signal.aborted) return;
      if (kept.kind !== 'saved') throw new Error('It was not kept.');
      setState(kept.value);
      setDone(null);
      setFailed(false);
    };
    const timer = setTimeout(
      () =>
        void work().catch(() => {
          if (ends.signal.aborted) return;
          setDone(null);
          setFailed(true);
        }),
      PAUSE,
    );
    return () => {
      clearTimeout(timer);
      ends.abort();
      setDone(null);
    };
  }, [filterId, first.isFresh, first.revision, changed]);
  return { state, done, failed };
}
