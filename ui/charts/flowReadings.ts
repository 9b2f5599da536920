import type { Outlook } from '@/core/outlook/outlook';
import { jugFlow } from '@/core/hydraulics/jugFlow';
import type { LogEntry } from '@/core/log/logEntry';
import { daysBetween } from '@/core/units/daysBetween';
import type { Reading } from './CourseLane';

/** Flows of a filter that were timed, m³/s, by days from `origin`; those that did not fit are marked. */
export function flowReadings(
  filterId: string,
  log: readonly LogEntry[],
  outlook: Outlook | null,
  origin: string,
): Reading[] {
  const odd = new Set((outlook?.learned.odd ?? []).map(({ id }) => id));
  return log.flatMap((entry) =>
    entry.kind === 'flow' && entry.filterId === filterId
      ? [
          {
            id: entry.id,
            day: daysBetween(origin, entry.at),
            value: jugFlow(entry.jugVolume, entry.seconds).mean,
            odd: odd.has(entry.id),
          },
        ]
      : [],
  );
}
