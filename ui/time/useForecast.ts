'use client';
import { useMemo } from 'react';
import type { Forecast } from '@/core/dirt/forecast';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import { askWorker } from './forecastWorkers';
import { useWorkerAnswer } from './useWorkerAnswer';

/** A forecast with what it is of: the pack may have changed since. */
export interface FoundForecast {
  readonly input: ForecastInput;
  readonly forecast: Forecast;
}

/** Milliseconds between two forecasts while an edge is dragged: twenty a second are enough, and leave room to draw. */
const REST_MS = 30;

const work = (input: ForecastInput) => askWorker('quick', (remote) => remote.forecast(input));

/** The forecast of a pack, reckoned in a worker; null until the first has come, and while nothing is asked. `failed` says that none can be had. */
export function useForecast(input: ForecastInput | null): {
  readonly found: FoundForecast | null;
  readonly failed: boolean;
  readonly retry: () => void;
} {
  const { found, failed, retry } = useWorkerAnswer(input, work, { rest: REST_MS });
  return {
    found: useMemo(() => (found === null ? null : { input: found.of, forecast: found.answer }), [found]),
    failed,
    retry,
  };
}
