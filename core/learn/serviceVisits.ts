import type { LogEntry } from '../log/logEntry';
import type { ServiceWork } from '../log/serviceWorks';
import type { Visit, Work } from '../pack/visit';
import { daysBetween } from '../units/daysBetween';
import type { StretchVisit } from './stretch';

const WORK_OF: Partial<Record<ServiceWork, Work>> = {
  squeezed: 'squeeze',
  swished: 'rinse',
  replaced: 'replace',
  recharged: 'recharge',
};

/**
 * What the services in a log did to the layers of a pack, in days from when it went in.
 *
 * @param packedAt ISO moment
 */
export const serviceVisits = (
  entries: readonly LogEntry[],
  layerIds: ReadonlySet<string>,
  packedAt: string,
): StretchVisit[] =>
  entries.flatMap((entry): StretchVisit[] => {
    if (entry.kind !== 'service') return [];
    const works = entry.works.flatMap(({ layerId, work }) => {
      const done = WORK_OF[work];
      return layerId === null || done === undefined || !layerIds.has(layerId)
        ? []
        : [{ layerId, work: done }];
    });
    return works.length === 0 ? [] : [{ day: Math.max(0, daysBetween(packedAt, entry.at)), works }];
  });

/** A visit falls on the first whole day that is not before it, and not on the day the pack went in. */
export const dayOfVisit = (day: number): number => Math.max(1, Math.ceil(day));

/** Visits as a simulation takes them: on whole days, those of one day together. */
export function wholeDays(visits: readonly StretchVisit[]): Visit[] {
  const byDay = new Map<number, Visit['works']>();
  for (const { day, works } of visits)
    byDay.set(dayOfVisit(day), [...(byDay.get(dayOfVisit(day)) ?? []), ...works]);
  return [...byDay].map(([day, works]) => ({ day, works }));
}
