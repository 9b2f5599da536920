'use client';
import { useCallback, useEffect, useState } from 'react';
import type { OutlookState } from '@/store/outlooks';
import { onNews } from '../state/onNews';
import { send } from '../state/send';

/** The outlook of a filter, and how far a newer one has come. */
export interface OutlookWork {
  readonly state: OutlookState;
  /** Share of the work on a newer answer that is done, 0–1; null: none is wanted. */
  readonly done: number | null;
  readonly failed: boolean;
  /** Asks again for what failed. */
  readonly retry: () => void;
}

/**
 * The forecast of a filter as worked out last; where pack or log have changed since, the app works it out anew in the
 * background and notifies when it is there.
 *
 * @param first as the page was drawn
 * @param changed grows when the log was changed on this page
 */
export function useOutlook(filterId: string, first: OutlookState, changed = 0): OutlookWork {
  const [state, setState] = useState(first);
  const [share, setShare] = useState(0);
  const [failed, setFailed] = useState(false);
  const [wanted, setWanted] = useState(changed);
  // A change on this page makes the answer old at once.
  const isOld = !state.isFresh || wanted !== changed;
  const read = useCallback(
    async (signal: AbortSignal): Promise<void> => {
      // Ended while it is on its way or while it is read, or the app is away: the next news asks again.
      const found = await fetch(`/api/filters/${filterId}/outlook`, { signal })
        .then((answer) =>
          answer.ok ? (answer.json() as Promise<{ state: OutlookState; failed: boolean }>) : null,
        )
        .catch(() => null);
      if (found === null || signal.aborted) return;
      setState(found.state);
      setFailed(found.failed);
      if (found.state.isFresh) setWanted(changed);
    },
    [filterId, changed],
  );
  useEffect(() => {
    if (!isOld) return undefined;
    const ends = new AbortController();
    const off = onNews((news) => {
      if (news.kind === 'opened') void read(ends.signal);
      else if (news.filterId !== filterId) return;
      else if (news.kind === 'progress') {
        setShare(news.done);
        setFailed(false);
      } else {
        setShare(0);
        void read(ends.signal);
      }
    });
    // Asked once the stream listens, so that nothing that comes meanwhile is missed.
    const timer = setTimeout(() => void read(ends.signal));
    return () => {
      clearTimeout(timer);
      ends.abort();
      off();
    };
  }, [isOld, filterId, read]);
  const retry = useCallback(() => {
    setFailed(false);
    setShare(0);
    void send('POST', `/api/filters/${filterId}/outlook`);
  }, [filterId]);
  return { state, done: isOld && !failed ? share : null, failed: isOld && failed, retry };
}
