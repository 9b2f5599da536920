import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { OutlookInput } from '@/core/outlook/workOutOutlook';
import { logSegments, type RepackRecord } from '@/core/learn/logSegments';
import type { LearningPlace } from '@/core/learn/predictStretch';
import { serviceVisits, wholeDays } from '@/core/learn/serviceVisits';
import type { Filter } from '@/core/filter/filter';
import type { LogEntry } from '@/core/log/logEntry';
import type { Job } from '@/core/job/job';
import { filters } from '@/store/filters';
import { jobs } from '@/store/jobs';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { packs } from '@/store/packs';
import { tanks } from '@/store/tanks';
import { currentPack } from './currentPack';
import { layersThatFit } from './layersThatFit';

/** Jobs that are looked through, the newest: more than the packs that are learned from. */
const LOOKED_THROUGH = 8;
/** Steps of a repack that clean the impeller, or pull a brush through the hoses. */
const PUMP_STEPS = ['body/impeller', 'body/rinse body'];

/** All that an outlook of a filter is worked out from. @param now ISO moment. @throws NotFoundError, UnreadableError */
export function outlookInput(db: Db, filterId: string, now: string): OutlookInput {
  const filter = filters.get(db, filterId).doc;
  const entries = log.ofLearning(db, filterId);
  return {
    place: learningPlace(db, filter),
    stretches: logSegments(filter, entries, repackRecords(db, filter), now),
    current: currentOf(db, filter, entries, now),
  };
}

/** A filter on its tank beside the others there, as they are today. @throws NotFoundError, UnreadableError */
export function learningPlace(db: Db, filter: Filter): LearningPlace {
  const tank = tanks.get(db, filter.tankId).doc;
  const others = filters
    .onTankRead(db, tank.id)
    .filter(({ doc }) => doc.id !== filter.id)
    .map(({ doc }) => ({ filter: doc, layers: layersThatFit(doc, currentPack(db, doc.id)) }));
  return { tank, filter, others };
}

const isPumpStep = ({ key, done }: Job['ticks'][number]): boolean =>
  done && PUMP_STEPS.some((step) => key.startsWith(step));

/** What is on record of the last repacks of a filter, oldest first. */
export function repackRecords(db: Db, filter: Filter): RepackRecord[] {
  const newest = jobs.newestOf(db, filter.id, LOOKED_THROUGH);
  const layersOf = (packId: string) => packs.get(db, packId).doc.layers;
  return newest.flatMap(({ doc }, place): RepackRecord[] => {
    if (doc.asPackedPackId === null) return [];
    const next = newest[place + 1]?.doc;
    return [
      {
        jobId: doc.id,
        packed: layersOf(doc.asPackedPackId),
        // A plan that was made without opening the filter says nothing of its dirt.
        foundNext: next === undefined || next.occasion === 'plan' ? [] : layersOf(next.asFoundPackId),
        pumpServiced: doc.ticks.some(isPumpStep),
      },
    ];
  });
}

function currentOf(
  db: Db,
  filter: Filter,
  entries: readonly LogEntry[],
  now: string,
): OutlookInput['current'] {
  const job = jobs.lastDone(db, filter.id)?.doc;
  if (job?.asPackedPackId == null) return null;
  const packedAt = job.finishedAt ?? job.startedAt;
  const layers = layersThatFit(filter, packs.get(db, job.asPackedPackId).doc);
  const since = entries.filter(({ at }) => at >= packedAt);
  return {
    layers,
    packedAt,
    done: wholeDays(serviceVisits(since, new Set(layers.map(({ id }) => id)), packedAt)),
    today: Math.max(0, differenceInCalendarDays(parseISO(now), parseISO(packedAt))),
  };
}
