import type { LogEntry } from '@/core/log/logEntry';
import type { Photo } from '@/core/log/photo';
import { log, type LogQuery } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { photos } from '@/store/photos';

/** A page of a log, newest first, how many entries there are in all, and the photos of those on the page. */
export interface LogPage {
  readonly entries: readonly LogEntry[];
  readonly total: number;
  readonly photos: readonly Photo[];
}

/** Reads a page of a filter’s log. */
export function logPage(db: Db, filterId: string, query: LogQuery): LogPage {
  const page = log.page(db, filterId, query);
  return {
    ...page,
    photos: photos.ofEntries(
      db,
      page.entries.map(({ id }) => id),
    ),
  };
}
