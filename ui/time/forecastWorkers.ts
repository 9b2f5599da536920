import { wrap, type Remote } from 'comlink';
import type { ForecastApi } from '@/workers/forecastWorker';

let pair: readonly [Remote<ForecastApi>, Remote<ForecastApi>] | null = null;

/** Two workers for the life of the page: the first answers while hands are on the bench, the second does the long work. */
export function forecastWorkers(): readonly [Remote<ForecastApi>, Remote<ForecastApi>] {
  // The address must stand in the call, so that the bundler finds the worker.
  const begin = (): Remote<ForecastApi> =>
    wrap<ForecastApi>(
      new Worker(new URL('../../workers/forecastWorker.ts', import.meta.url), { type: 'module' }),
    );
  pair ??= [begin(), begin()];
  return pair;
}
