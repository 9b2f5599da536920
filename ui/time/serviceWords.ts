import type { EnsembleRange } from '@/core/dirt/ensembleRange';
import type { Forecast } from '@/core/dirt/forecast';
import { DAYS_IN, serviceSpan } from '@/core/report/serviceSpan';
import type { Words } from '../fields/wordsFor';
import { DAY } from '@/core/units/time';

/** "59 days". */
export const daysIn = (words: Words, days: number): string => words.show({ kind: 'days', si: days * DAY });

/** "service between day 41 and 92", as far as the range is known; rounded as {@link serviceSpan} rounds. */
export function formatServiceDay(
  words: Words,
  forecast: Pick<Forecast, 'serviceDay' | 'lowestShare' | 'course' | 'simulation'>,
  range: EnsembleRange | null,
): string {
  const { serviceDay, simulation } = forecast;
  const year = `day ${words.number(simulation.days, 0)}`;
  const whole = (day: number | null): string => (day === null ? 'not at all' : `day ${words.number(day, 0)}`);
  if (range !== null && (range.earliest !== null || serviceDay !== null)) {
    const from = range.earliest === null ? null : Math.floor(range.earliest);
    return range.latest === null
      ? `service on ${whole(from)} or later, perhaps not before ${year}`
      : `service between ${whole(from)} and ${words.number(Math.ceil(range.latest), 0)}`;
  }
  if (serviceDay !== null) return `service on ${whole(serviceDay)}`;
  return `no service before ${year}; lowest ${words.show({ kind: 'share', si: Math.max(0, forecast.lowestShare) })} of clean`;
}

/** “6–22 weeks”, “5–12 days”, “6 weeks or later”, “over a year”: the range where it is known, else the likely day. */
export function formatServiceRange(words: Words, range: EnsembleRange | null, likely: number | null): string {
  const [earliest, latest] = range === null ? [likely, likely] : [range.earliest, range.latest];
  if (earliest === null) return 'over a year';
  const { unit, from, to } = serviceSpan(earliest, latest);
  const number = (value: number): string => words.number(value, 0);
  if (to === null) return `${number(from)}\u00a0${unit} or later`;
  if (range === null) return `about ${number(Math.round(earliest / DAYS_IN[unit]))}\u00a0${unit}`;
  return `${number(from)}–${number(to)}\u00a0${unit}`;
}
