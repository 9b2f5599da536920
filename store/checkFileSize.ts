import { MAX_FILE_BYTES, MAX_FILE_WORDS } from '@/formats/fileLimits';
import { InvalidError } from './errors';
import type { Db } from './openDatabase';

/** What a file needs beside its documents: names of its parts, and a comma for each, bytes. */
const FRAME_BYTES = 4096;

/**
 * Refuses a change after which a filter with all that is its own would no longer fit into a file that this app reads.
 * Called within the transaction of the change.
 *
 * @throws InvalidError
 */
export function checkFileSize(db: Db, filterId: string): void {
  const size = Number(
    db
      .prepare(
        `SELECT coalesce(sum(bytes), 0) FROM (
           SELECT octet_length(doc) + 1 AS bytes FROM filter WHERE id = @id
           UNION ALL SELECT octet_length(tank.doc) + 1 FROM filter JOIN tank ON tank.id = filter.tank_id WHERE filter.id = @id
           UNION ALL SELECT octet_length(doc) + 1 FROM pack WHERE filter_id = @id
           UNION ALL SELECT octet_length(doc) + 1 FROM job WHERE filter_id = @id
           UNION ALL SELECT octet_length(doc) + 1 FROM log_entry WHERE filter_id = @id)`,
      )
      .pluck()
      .get({ id: filterId }),
  );
  if (size + FRAME_BYTES > MAX_FILE_BYTES)
    throw new InvalidError([
      `This filter with its packs and log would be larger than ${MAX_FILE_WORDS}, the limit. Shorten notes or delete old entries.`,
    ]);
}
