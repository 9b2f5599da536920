import ical from 'ical-generator';
import type { Due } from '@/core/care/due';
import { joined } from '@/core/units/joined';
import type { Sentence } from '@/core/units/sentence';

/** A filter with what is due on it. */
export interface CalendarFilter {
  readonly name: string;
  readonly due: readonly Due[];
}

/**
 * What is due as an iCalendar file: an event for each, all day on its date. An event keeps its name for as long as it is
 * the same thing, so that a calendar that reads the file again moves it instead of adding another.
 *
 * @param say turns a sentence into text in the keeper’s units
 * @param now ISO moment
 * @source RFC 5545, by the package ical-generator
 */
export function calendarOf(
  filters: readonly CalendarFilter[],
  say: (sentence: Sentence) => string,
  now: string,
): string {
  const calendar = ical({ name: 'Filters', prodId: { company: 'Neat Layer', product: 'Neat Layer' } });
  for (const { name, due } of filters)
    for (const item of due)
      calendar.createEvent({
        id: `${item.key.replaceAll(' ', '-')}@neat-layer`,
        stamp: new Date(now),
        start: new Date(`${dateOf(item, now)}T00:00:00Z`),
        allDay: true,
        summary: `${name}: ${say(item.what)}`,
        description: [
          say(item.why),
          ...(item.minutes === null ? [] : [`About ${Math.round(item.minutes)} minutes.`]),
          ...(item.bring.length === 0 ? [] : [`Bring ${joined(item.bring)}.`]),
          ...(item.withWaterChange ? ['Do it with the water change.'] : []),
        ].join('\n'),
      });
  // The package leaves out the break after the last line, which RFC 5545 asks for.
  const text = calendar.toString();
  return text.endsWith('\r\n') ? text : `${text}\r\n`;
}

/** What is overdue stands on today: a calendar shows nobody the past. */
const dateOf = ({ on }: Due, now: string): string => {
  const today = now.slice(0, 10);
  return on < today ? today : on;
};
