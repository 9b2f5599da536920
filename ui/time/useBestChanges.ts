'use client';
import type { OfferedChange } from '@/core/explore/bestChanges';
import type { PackInput } from '@/core/report/packMeasures';
import { askWorker } from './forecastWorkers';
import { useWorkerAnswer } from './useWorkerAnswer';

/** Milliseconds without a change before the changes are tried: an edge that is dragged comes first. */
const PAUSE_MS = 60;

const work = (input: PackInput) => askWorker('quick', (remote) => remote.changes(input));

const NO_CHANGES: readonly OfferedChange[] = [];

/** The best changes of a pack; `stale` while those of the pack as it is now are worked out. */
export function useBestChanges(input: PackInput): {
  readonly changes: readonly OfferedChange[];
  readonly stale: boolean;
} {
  const { found, stale, failed } = useWorkerAnswer(input, work, { pause: PAUSE_MS });
  // Where they cannot be worked out there is no advice; the findings stay.
  return { changes: failed ? NO_CHANGES : (found?.answer ?? NO_CHANGES), stale };
}
