'use client';
import { useMemo, useState } from 'react';
import type { LogEntry } from '@/core/log/logEntry';
import { DAY_MS, daysBetween } from '@/core/units/daysBetween';
import { useWords } from '../fields/UnitsProvider';
import {
  CHART_SPANS,
  chartOrigin,
  DAYS_AHEAD_AT_FIRST,
  DAYS_BACK_AT_FIRST,
  fitWindow,
  MAX_DAYS_AHEAD,
  wholeDay,
  type ChartWindow,
} from './chartWindow';

/**
 * The days of the charts: which there are, which are shown, and which one is read.
 *
 * @param packedAt ISO moment of the pack that is forecast; null: none is
 */
export function useChartDays(log: readonly LogEntry[], packedAt: string | null, now: string) {
  const words = useWords();
  // Days count from the midnight (UTC) of the first thing that is known.
  const origin = useMemo(
    () => chartOrigin([...log.map(({ at }) => at), packedAt ?? now], now),
    [log, packedAt, now],
  );
  const today = daysBetween(origin, now);
  const last = Math.ceil(today + MAX_DAYS_AHEAD);
  const [shown, setShown] = useState<ChartWindow>([
    wholeDay(today - DAYS_BACK_AT_FIRST, last),
    wholeDay(today + DAYS_AHEAD_AT_FIRST, last),
  ]);
  const [picked, setPicked] = useState<number | null>(null);
  const [from, to] = shown;
  const inWindow = (day: number): number => Math.min(to, Math.max(from, day));
  const momentOf = (count: number): Date => new Date(Date.parse(origin) + count * DAY_MS);
  const say = (count: number, options: Intl.DateTimeFormatOptions): string =>
    words.date(momentOf(count), { ...options, timeZone: 'UTC' });
  return {
    origin,
    today,
    last,
    from,
    to,
    /** The day that is read. */
    day: inWindow(picked ?? Math.floor(today)),
    pick: (day: number): void => setPicked(Math.round(inWindow(day))),
    show: (low: number, high: number): void => setShown(fitWindow(low, high, last)),
    spans: CHART_SPANS.map(({ said, back, ahead }) => {
      const [low, high] = [wholeDay(today - back, last), wholeDay(today + ahead, last)];
      return { said, low, high, isShown: low === from && high === to };
    }),
    dayOf: (at: string): number => daysBetween(origin, at),
    momentOf,
    /** "12 Oct" */
    dateOf: (count: number): string => say(count, { day: 'numeric', month: 'short' }),
    /** "Mon, 12 October 2026" */
    longDate: (count: number): string =>
      say(count, { weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }),
    /** "Oct 26" */
    monthOf: (at: Date): string => words.date(at, { month: 'short', year: '2-digit', timeZone: 'UTC' }),
  };
}
export type ChartDays = ReturnType<typeof useChartDays>;
