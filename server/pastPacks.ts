import { logSegments } from '@/core/learn/logSegments';
import type { LogSegment } from '@/core/learn/stretch';
import type { LogEntry } from '@/core/log/logEntry';
import type { PastForecastInput } from '@/core/outlook/pastForecast';
import { filters } from '@/store/filters';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { learningPlace, repackRecords } from './outlookInput';

/** Packs whose forecast is held against what came of it, the newest. */
const LOOKED_BACK = 3;

/** A pack that has been taken out again. */
export interface PastPack {
  readonly jobId: string;
  readonly input: PastForecastInput;
  /** What was seen of it. */
  readonly life: LogSegment;
}

/**
 * The last packs of a filter that have run their time, oldest first, each with the log before it and its own.
 *
 * @throws NotFoundError, UnreadableError
 */
export function pastPacks(db: Db, filterId: string): PastPack[] {
  const filter = filters.get(db, filterId).doc;
  const place = learningPlace(db, filter);
  const records = repackRecords(db, filter);
  const entries = log.ofLearning(db, filterId);
  const repacks = entries.filter(
    (entry) => entry.kind === 'repacked' && records.some(({ jobId }) => jobId === entry.jobId),
  );
  return repacks
    .map((entry, index) => ({ entry, next: repacks[index + 1] }))
    .slice(-1 - LOOKED_BACK)
    .flatMap(({ entry, next }): PastPack[] => {
      if (next === undefined) return [];
      const { packed, jobId } = records.find((record) => record.jobId === entry.jobId)!;
      // Its segment is the last of a log that ends with it, unless nothing was seen of it.
      const life = logSegments(filter, before(entries, next), records, next.at).at(-1);
      if (life?.layers !== packed || packed.length === 0) return [];
      const stretches = logSegments(filter, before(entries, entry), records, entry.at);
      return [{ jobId, input: { place, stretches, layers: packed, packedAt: entry.at }, life }];
    });
}

/** The log up to a repack, without the clean flow that was timed of what it put in. */
const before = (entries: readonly LogEntry[], repack: LogEntry): LogEntry[] =>
  entries.filter(
    (entry) =>
      entry.at < repack.at &&
      !(entry.kind === 'flow' && entry.moment === 'clean' && entry.jobId === repack.jobId),
  );
