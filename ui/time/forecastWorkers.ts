import type { Remote } from 'comlink';
import type { ForecastApi } from '@/workers/forecastWorker';
import { createWorkerPool } from '../state/createWorkerPool';

/** What a worker can be asked. */
export type ForecastRemote = Remote<ForecastApi>;

/** The first answers while hands are on the bench, the second does the long work. */
export type WorkerPlace = 'quick' | 'long';
export const WORKER_PLACES: readonly WorkerPlace[] = ['quick', 'long'];

/** Asks one of the two workers, see {@link createWorkerPool}. */
export const { ask: askWorker } = createWorkerPool<WorkerPlace, ForecastApi>(
  () => new Worker(new URL('../../workers/forecastWorker.ts', import.meta.url), { type: 'module' }),
);
