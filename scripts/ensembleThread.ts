// A thread of `npm run bench`: does its share of an ensemble each time it is asked.
import { parentPort } from 'node:worker_threads';
import { ensembleRun } from '@/core/dirt/ensemble';
import type { ForecastInput } from '@/core/dirt/cloggingInput';

/** What the thread is asked for. */
export interface Share {
  readonly input: ForecastInput;
  readonly from: number;
  readonly count: number;
}

parentPort?.on('message', ({ input, from, count }: Share) => {
  for (let index = from; index < from + count; index += 1) ensembleRun(input, 'through', index);
  parentPort?.postMessage('done');
});
