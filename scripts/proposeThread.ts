// A thread of `npm run bench`: does its share of a search for packs each time it is asked.
import { parentPort } from 'node:worker_threads';
import { proposeOn } from './proposeOn';
import { searchPacks, type SearchPart } from '@/core/propose/search';
import type { Effort } from '@/core/propose/effort';

/** What the thread is asked for. */
export interface SearchShare {
  readonly effort: Effort;
  readonly share: SearchPart;
}

/** What it has done. */
export interface SearchDone {
  readonly tried: number;
  readonly forecast: number;
  /** Milliseconds until the first packs were forecast. */
  readonly first: number;
}

parentPort?.on('message', ({ effort, share }: SearchShare) => {
  const start = performance.now();
  let done: SearchDone = { tried: 0, forecast: 0, first: NaN };
  for (const { tried, forecast } of searchPacks(proposeOn('reed-bench'), effort, share))
    done = { tried, forecast, first: Number.isNaN(done.first) ? performance.now() - start : done.first };
  parentPort?.postMessage(done);
});
