'use client';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { ServiceHelp } from '@/core/service/serviceHelps';
import { askWorker } from './forecastWorkers';
import { useWorkerAnswer } from './useWorkerAnswer';

/** Milliseconds without a change after which helps are tried: never while an edge is dragged. */
const PAUSE_MS = 300;
const NO_HELPS: readonly ServiceHelp[] = [];

const work = (input: ForecastInput) => askWorker('long', (remote) => remote.helps(input));

/**
 * What would move the service day of a pack; `stale` while it is being changed: shown, so that nothing jumps. Helps
 * are an offer: where they cannot be worked out, none is made.
 */
export function useHelps(input: ForecastInput): {
  readonly helps: readonly ServiceHelp[];
  readonly stale: boolean;
} {
  const { found, stale, failed } = useWorkerAnswer(input, work, { pause: PAUSE_MS });
  return { helps: failed ? NO_HELPS : (found?.answer ?? NO_HELPS), stale };
}
