'use client';
import { useState } from 'react';
import type { Job } from '@/core/job/job';
import type { OpenPlan } from '@/server/openPlans';
import { openDocument } from '../state/openDocuments';

/** What was cut for the repacks of other filters, by the ids of those repacks. */
export type CutsAlong = Readonly<Record<string, Job['cut']>>;

/** Pieces for other filters are cut from the same sheets: each is recorded with the repack it belongs to. */
export function useCutsAlong(others: readonly OpenPlan[]) {
  const [cuts, setCuts] = useState<CutsAlong>(() =>
    Object.fromEntries(others.map(({ job }) => [job.doc.id, job.doc.cut])),
  );
  const put = (next: CutsAlong) => {
    for (const { job } of others) {
      const cut = next[job.doc.id] ?? null;
      if (cut === (cuts[job.doc.id] ?? null)) continue;
      openDocument({ kind: 'job', id: job.doc.id }, job).change((doc) => ({ ...doc, cut }));
    }
    setCuts(next);
  };
  return { cuts, put };
}
