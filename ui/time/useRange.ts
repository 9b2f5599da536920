'use client';
import { useEffect, useState } from 'react';
import {
  ENSEMBLE_RUNS,
  ensembleRange,
  type EnsembleRange,
  type EnsembleRun,
} from '@/core/dirt/ensembleRange';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import { whenForegroundIdle } from '../state/standBack';
import { askWorker, WORKER_PLACES, type WorkerPlace } from './forecastWorkers';
import type { FoundForecast } from './useForecast';

/** Milliseconds without a change after which the range is worked out: never while an edge is dragged. */
const PAUSE_MS = 150;
/** Runs that a worker does before it looks up: a new forecast never waits longer than these take. */
const AT_ONCE = 4;

/** Milliseconds between two tellings how far it is: each draws the sheet anew, on the cores that the runs want. */
const TOLD_EVERY_MS = 500;

/** The likely range of a forecast, and how far that has been worked out. */
export interface RangeState {
  readonly of: ForecastInput;
  readonly range: EnsembleRange | null;
  /** 0–1. */
  readonly done: number;
  /** It could not be worked out. */
  readonly failed: boolean;
}

/** True while a range is begun and not all of its runs are done. */
export const isWorkingOut = (range: RangeState | null): range is RangeState =>
  range !== null && range.done < 1;

/** The range of a forecast from its ensemble, shared by both workers; begun after a pause, dropped when the pack changes. */
export function useRange(found: FoundForecast | null, current: ForecastInput): RangeState | null {
  const [state, setState] = useState<RangeState | null>(null);
  useEffect(() => {
    if (found === null || found.forecast === null || found.input !== current) return;
    const { by } = found.forecast.course;
    let wanted = true;
    const runs: EnsembleRun[] = [];
    let next = 0;
    let told = performance.now();
    const work = async (place: WorkerPlace): Promise<void> => {
      for (;;) {
        await whenForegroundIdle();
        if (!wanted || next >= ENSEMBLE_RUNS) return;
        const from = next;
        next += AT_ONCE;
        const count = Math.min(AT_ONCE, ENSEMBLE_RUNS - from);
        runs.push(...(await askWorker(place, (remote) => remote.runs(current, by, from, count))));
        if (!wanted || performance.now() - told < TOLD_EVERY_MS) continue;
        told = performance.now();
        setState((before) => ({
          of: current,
          range: before?.of === current ? before.range : null,
          done: runs.length / ENSEMBLE_RUNS,
          failed: false,
        }));
      }
    };
    const timer = setTimeout(
      () =>
        void Promise.all(WORKER_PLACES.map(work)).then(
          () => wanted && setState({ of: current, range: ensembleRange(runs), done: 1, failed: false }),
          () => {
            if (wanted) setState({ of: current, range: null, done: 1, failed: true });
            wanted = false;
          },
        ),
      PAUSE_MS,
    );
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [found, current]);
  return state?.of === current ? state : null;
}
