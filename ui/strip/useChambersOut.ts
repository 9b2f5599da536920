'use client';
import { useMemo } from 'react';
import type { Filter } from '@/core/filter/filter';
import { chambersOut, emptyKey, outKey } from '@/core/job/chambersOut';
import type { Job } from '@/core/job/job';
import { withTick } from '@/core/job/ticks';
import type { Layer } from '@/core/layers/layer';
import type { Autosave } from '../state/useAutosave';

/** How far the filter is taken apart, and the steps on and back. */
export function useChambersOut(filter: Filter, job: Autosave<Job>, layers: readonly Layer[]) {
  const { ticks } = job.doc;
  const found = useMemo(() => chambersOut(filter, ticks), [filter, ticks]);
  const tick = (keys: readonly string[], done: boolean) => {
    const at = new Date().toISOString();
    job.change((doc) => ({
      ...doc,
      ticks: keys.reduce<Job['ticks']>((all, key) => withTick(all, { key, done, at }), doc.ticks),
    }));
  };
  const { inHand } = found;
  const count = layers.filter(({ chamber }) => chamber === inHand.id).length;
  return {
    ...found,
    /** Layers entered of what is in the hands. */
    count,
    /** Goes on to what comes next; what nothing was entered of was empty. */
    goOn: () => tick([count === 0 ? emptyKey(inHand.id) : outKey(inHand.id)], true),
    /** Takes one in hand again that was gone through. */
    takeAgain: (id: string) => tick([emptyKey(id), outKey(id)], false),
  };
}

export type ChambersInHand = ReturnType<typeof useChambersOut>;
