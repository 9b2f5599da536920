'use client';
import { useMemo } from 'react';
import { dayState, type DayState } from '@/core/dirt/dayState';
import type { FoundForecast } from './useForecast';

/** The filter on one day of its forecast; null while there is none. */
export function useDayState(found: FoundForecast | null, day: number): DayState | null {
  return useMemo(
    () =>
      found === null || found.forecast === null
        ? null
        : dayState(found.input, found.forecast.simulation, Math.min(day, found.forecast.simulation.days)),
    [found, day],
  );
}
