'use client';
import { forecastInput } from '@/core/dirt/forecastInput';
import { useCallback, useMemo, useState } from 'react';
import type { DayState, SludgeSlice } from '@/core/dirt/dayState';
import { reportOnDay } from '@/core/report/reportOnDay';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { PackReport } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import type { Visit } from '@/core/pack/visit';
import { useDayState } from '../time/useDayState';
import { useForecast, type FoundForecast } from '../time/useForecast';
import { useRange, type RangeState } from '../time/useRange';

/** A pack over time: its forecast with its range, and the day that the bench shows. */
export interface BenchForecast {
  readonly input: ForecastInput;
  readonly found: FoundForecast | null;
  readonly failed: boolean;
  readonly retry: () => void;
  readonly stale: boolean;
  readonly range: RangeState | null;
  readonly day: number;
  readonly setDay: (day: number) => void;
  /** null while there is no forecast. */
  readonly state: DayState | null;
  /** The report with the water of the day shown. */
  readonly shown: PackReport;
  /** What sits in each layer; null on day 0. */
  readonly sludge: ReadonlyMap<string, readonly SludgeSlice[]> | null;
}

/** Forecasts the pack on the bench whenever it, its filter or its tank changes. */
export function useBenchForecast(
  pack: PackInput,
  report: PackReport,
  visits: readonly Visit[],
): BenchForecast {
  const { tank, filter, layers, others, learned, added, now } = pack;
  const input = useMemo<ForecastInput>(
    () => forecastInput({ tank, others, learned, added, now }, filter, layers, visits),
    [tank, filter, layers, others, learned, added, now, visits],
  );
  const { found, failed, retry } = useForecast(input);
  const range = useRange(found, input);
  const [day, put] = useState(0);
  const setDay = useCallback((next: number) => put(Math.max(0, Math.round(next))), []);
  const state = useDayState(found, day);
  const shown = useMemo(
    () => (state === null || day === 0 ? report : reportOnDay(report, state, pack)),
    [state, day, report, pack],
  );
  const sludge = useMemo(
    () =>
      state === null || day === 0
        ? null
        : new Map(state.water.layers.map(({ layerId }, index) => [layerId, state.sludge[index] ?? []])),
    [state, day],
  );
  return {
    input,
    found,
    failed,
    retry,
    stale: found?.input !== input,
    range,
    day,
    setDay,
    state,
    shown,
    sludge,
  };
}
