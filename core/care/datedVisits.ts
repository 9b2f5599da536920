import { dateAfter, daysUntil } from '../units/daysUntil';
import { dueList, visitKey, type DueInput } from './due';
import type { OutlookForecast } from '../outlook/outlook';

/** A visit that is planned ahead, by the calendar. */
export interface DatedVisit {
  /** ISO date */
  readonly on: string;
  /** Whole days from now; below 0: overdue by so many. */
  readonly inDays: number;
  readonly works: OutlookForecast['visits'][number]['works'];
  /** Of the hands. */
  readonly minutes: number;
}

/**
 * The visits of a filter’s outlook with the days on which they fall. The next one has the day that Care names, with all that
 * moves it: a water change nearby, a flow that is low already, that it was put off.
 *
 * @returns null where there is no forecast
 */
export function datedVisits(input: DueInput): DatedVisit[] | null {
  const ahead = input.outlook?.forecast ?? null;
  if (ahead === null) return null;
  // A filter that is cleaned by its days has another next visit than the one that clogging asks for.
  const next =
    input.filter.cleanedEvery === null
      ? dueList(input).find(({ key }) => key === visitKey(input.filter.id))
      : undefined;
  return ahead.visits.map(({ day, works, minutes }, place) => ({
    on: dateAfter(ahead.packedAt, day),
    inDays: daysUntil(ahead.packedAt, day, input.now),
    ...(place === 0 && next !== undefined ? { on: next.on, inDays: next.inDays } : {}),
    works,
    minutes,
  }));
}
