import { DAY_MS } from '@/core/units/daysBetween';

/** Fewest days shown. */
export const MIN_DAYS = 14;
/** Days ahead that are shown at most: beyond them a forecast says little. */
export const MAX_DAYS_AHEAD = 180;
/** Days that the charts begin with, back and ahead. */
export const DAYS_BACK_AT_FIRST = 180;
export const DAYS_AHEAD_AT_FIRST = 90;
/** Days back at least, so that there is room for what comes. */
const MIN_DAYS_BACK = 30;
/** Days in a month, on average, and px that its name takes. */
const MONTH_DAYS = 30.4;
const MONTH_PX = 64;

/** From and to, in days since the origin. */
export type ChartWindow = readonly [from: number, to: number];

/** Spans that are shown at a press, days back and ahead of today. */
export const CHART_SPANS = [
  { said: 'Last three months', back: 90, ahead: 14 },
  { said: 'Last six months and forecast', back: DAYS_BACK_AT_FIRST, ahead: DAYS_AHEAD_AT_FIRST },
  { said: 'Last year', back: 365, ahead: 30 },
  { said: 'Forecast only', back: 14, ahead: MAX_DAYS_AHEAD },
  { said: 'Everything', back: Infinity, ahead: MAX_DAYS_AHEAD },
] as const;

/** The date (UTC) that days count from: of the first thing that is known, a month back at least. */
export const chartOrigin = (moments: readonly string[], now: string): string =>
  [...moments, new Date(Date.parse(now) - MIN_DAYS_BACK * DAY_MS).toISOString()]
    .reduce((first, at) => (at < first ? at : first))
    .slice(0, 10);

/** A day as a whole one that there is: from the origin to the last. */
export const wholeDay = (day: number, last: number): number => Math.min(last, Math.max(0, Math.round(day)));

/** A window of whole days that lies within the axis and shows as many days as it must. */
export function fitWindow(from: number, to: number, last: number): ChartWindow {
  const first = Math.min(wholeDay(from, last), last - MIN_DAYS);
  return [first, Math.max(wholeDay(to, last), first + MIN_DAYS)];
}

/** Months that are named below all days, so few that they fit a width, px. */
export function monthTicks(first: Date, last: number, width: number): { day: number; at: Date }[] {
  const every = Math.max(1, Math.ceil(((last / MONTH_DAYS) * MONTH_PX) / width));
  const ticks: { day: number; at: Date }[] = [];
  const at = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 1));
  for (let day = 0; ; at.setUTCMonth(at.getUTCMonth() + every)) {
    day = (at.getTime() - first.getTime()) / DAY_MS;
    if (day > last - MONTH_DAYS / 2) return ticks;
    ticks.push({ day, at: new Date(at) });
  }
}
