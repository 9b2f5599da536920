import { wrap, type Remote } from 'comlink';
import type { LogCsvApi } from '@/workers/logCsvWorker';

/** A worker with a CSV file in it. */
export interface OpenLogCsv {
  readonly remote: Remote<LogCsvApi>;
  readonly close: () => void;
}

/** Starts a worker for a file of a log. */
export function openLogCsv(): OpenLogCsv {
  // The address must stand in the call, so that the bundler finds the worker.
  const worker = new Worker(new URL('../../workers/logCsvWorker.ts', import.meta.url), { type: 'module' });
  return { remote: wrap<LogCsvApi>(worker), close: () => worker.terminate() };
}
