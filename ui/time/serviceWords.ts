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
