import type { EnsembleRange } from '@/core/dirt/ensemble';
import type { Forecast } from '@/core/dirt/forecast';
import type { Words } from '../fields/wordsFor';

const DAY = 86_400;

/** "59 days". */
export const daysIn = (words: Words, days: number): string => words.show({ kind: 'days', si: days * DAY });

/** "service between day 41 and 92", as far as the range is known. */
export function serviceSaid(
  words: Words,
  forecast: Pick<Forecast, 'serviceDay' | 'lowestShare' | 'course' | 'simulation'>,
  range: EnsembleRange | null,
): string {
  const { serviceDay, simulation } = forecast;
  const year = `day ${words.number(simulation.days, 0)}`;
  const whole = (day: number | null): string => (day === null ? 'not at all' : `day ${words.number(day, 0)}`);
  if (range !== null && (range.earliest !== null || serviceDay !== null))
    return range.latest === null
      ? `service from ${whole(range.earliest)}, or not before ${year}`
      : `service between ${whole(range.earliest)} and ${words.number(range.latest, 0)}`;
  if (serviceDay !== null) return `service on ${whole(serviceDay)}`;
  return `no service before ${year}; lowest ${words.show({ kind: 'share', si: Math.max(0, forecast.lowestShare) })} of clean`;
}

const WEEK = 7;
/** Below this many days a range is told in days. */
const IN_DAYS = 14;

/** “6–22 weeks”, “5–12 days”, “6 weeks or later”, “over a year”: the range where it is known, else the likely day. */
export function weeksSaid(words: Words, range: EnsembleRange | null, likely: number | null): string {
  const [from, to] = range === null ? [likely, likely] : [range.earliest, range.latest];
  if (from === null) return 'over a year';
  const inDays = (to ?? from) < IN_DAYS;
  const count = (days: number, round: (value: number) => number): string =>
    words.number(round(inDays ? days : days / WEEK), 0);
  const unit = inDays ? 'days' : 'weeks';
  const first = count(from, range === null ? Math.round : Math.floor);
  if (range === null) return `about ${first}\u00a0${unit}`;
  return to === null ? `${first}\u00a0${unit} or later` : `${first}–${count(to, Math.ceil)}\u00a0${unit}`;
}
