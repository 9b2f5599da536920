'use client';
import { useEffect } from 'react';
import type { Job } from '@/core/job/job';
import type { Stored } from '@/store/documentTable';
import type { Autosave } from '../state/useAutosave';

/** Milliseconds between two looks at what other devices have ticked. */
const LOOK_EVERY_MS = 4000;

/** Takes up what another device did on the same repack, while this one has nothing of its own to save. */
export function useJobNews({ doc: { id }, state, offer }: Autosave<Job>): void {
  const settled = state.kind === 'saved';
  useEffect(() => {
    if (!settled) return undefined;
    const look = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const answer = await fetch(`/api/jobs/${id}`, { cache: 'no-store' });
        if (answer.ok) offer((await answer.json()) as Stored<Job>);
      } catch {
        // No answer: there is nothing to take up, and the next save says so.
      }
    };
    const timer = setInterval(() => void look(), LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [id, settled, offer]);
}
