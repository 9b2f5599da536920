'use client';
import { useEffect, useRef, useState } from 'react';
import type { Forecast, ForecastInput } from '@/core/dirt/forecast';
import { forecastWorkers } from './forecastWorkers';
import { latestOnly } from './latestOnly';

/** A forecast with what it is of: the pack may have changed since. */
export interface FoundForecast {
  readonly input: ForecastInput;
  /** null: nobody has said what is fed. */
  readonly forecast: Forecast | null;
}

/** The forecast of a pack, reckoned in a worker; null until the first has come. `failed` says that none can be had. */
export function useForecast(input: ForecastInput): {
  readonly found: FoundForecast | null;
  readonly failed: boolean;
} {
  const [found, setFound] = useState<FoundForecast | null>(null);
  const [failed, setFailed] = useState(false);
  const ask = useRef<((input: ForecastInput) => void) | null>(null);
  useEffect(() => {
    ask.current ??= latestOnly(
      (one: ForecastInput) => forecastWorkers()[0].forecast(one),
      (one, forecast) => {
        setFailed(false);
        setFound({ input: one, forecast });
      },
      () => setFailed(true),
    );
    ask.current(input);
  }, [input]);
  return { found, failed };
}
