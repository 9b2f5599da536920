import { randomUUID } from 'node:crypto';
import { IdSchema } from '@/core/document/fields';
import { MAX_ENTRY_PHOTOS, MAX_LOG_PHOTOS, MAX_PHOTOS, PhotoSchema, type Photo } from '@/core/log/photo';
import { valid } from './documentTable';
import { InvalidError, NotFoundError } from './errors';
import { jobs } from './jobs';
import type { Db } from './openDatabase';

/** A picture ready to be stored: a JPEG without any data about where it was taken. */
export interface Picture {
  readonly jpeg: Uint8Array;
  readonly width: number;
  readonly height: number;
}

interface Row {
  readonly id: string;
  readonly job_id: string | null;
  readonly layer_id: string | null;
  readonly entry_id: string | null;
  readonly filter_id: string | null;
  readonly taken_at: string;
  readonly width: number;
  readonly height: number;
}

const COLUMNS = 'id, job_id, layer_id, entry_id, filter_id, taken_at, width, height';

const fromRow = (row: Row): Photo =>
  PhotoSchema.parse({
    id: row.id,
    jobId: row.job_id,
    layerId: row.layer_id,
    entryId: row.entry_id,
    filterId: row.filter_id,
    takenAt: row.taken_at,
    width: row.width,
    height: row.height,
  });

/** @param of what it belongs to */
function insert(
  db: Db,
  { jobId, layerId, entryId, filterId }: Pick<Photo, 'jobId' | 'layerId' | 'entryId' | 'filterId'>,
  { jpeg, width, height }: Picture,
): Photo {
  const row = db
    .prepare(
      `INSERT INTO photo (id, job_id, layer_id, entry_id, filter_id, taken_at, width, height, jpeg)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?) RETURNING ${COLUMNS}`,
    )
    .get(randomUUID(), jobId, layerId, entryId, filterId, new Date().toISOString(), width, height, jpeg);
  return fromRow(row as Row);
}

export const photos = {
  ofJob: (db: Db, jobId: string): Photo[] =>
    (
      db.prepare(`SELECT ${COLUMNS} FROM photo WHERE job_id = ? ORDER BY taken_at, rowid`).all(jobId) as Row[]
    ).map(fromRow),

  add: (db: Db, jobId: string, layerId: string | null, picture: Picture): Photo =>
    db
      .transaction(() => {
        jobs.get(db, jobId);
        if (layerId !== null) valid(IdSchema, layerId);
        if (photos.ofJob(db, jobId).length >= MAX_PHOTOS)
          throw new InvalidError([`A repack can have at most ${MAX_PHOTOS} photos. Remove one first.`]);
        return insert(db, { jobId, layerId, entryId: null, filterId: null }, picture);
      })
      .immediate(),

  /** Photos of some entries of the log, the oldest first. */
  ofEntries: (db: Db, entryIds: readonly string[]): Photo[] =>
    (
      db
        .prepare(
          `SELECT ${COLUMNS} FROM photo WHERE entry_id IN (SELECT value FROM json_each(?)) ORDER BY taken_at, rowid`,
        )
        .all(JSON.stringify(entryIds)) as Row[]
    ).map(fromRow),

  /** @throws NotFoundError, InvalidError where an entry or a log has too many */
  addToEntry: (db: Db, entryId: string, picture: Picture): Photo =>
    db
      .transaction(() => {
        const filterId = db.prepare('SELECT filter_id FROM log_entry WHERE id = ?').pluck().get(entryId) as
          string | undefined;
        if (filterId === undefined) throw new NotFoundError('log entry');
        if (photos.ofEntries(db, [entryId]).length >= MAX_ENTRY_PHOTOS)
          throw new InvalidError([
            `A log entry can have at most ${MAX_ENTRY_PHOTOS} photos. Remove one first.`,
          ]);
        const ofLog = Number(
          db.prepare('SELECT count(*) FROM photo WHERE filter_id = ?').pluck().get(filterId),
        );
        if (ofLog >= MAX_LOG_PHOTOS)
          throw new InvalidError([
            `The log of this filter can have at most ${MAX_LOG_PHOTOS} photos. Remove some first.`,
          ]);
        return insert(db, { jobId: null, layerId: null, entryId, filterId }, picture);
      })
      .immediate(),

  /** Removes photos whose entry is gone for good; says how many. */
  clearLeft: (db: Db): number =>
    db
      .prepare('DELETE FROM photo WHERE entry_id IS NOT NULL AND entry_id NOT IN (SELECT id FROM log_entry)')
      .run().changes,

  jpeg: (db: Db, id: string): Uint8Array => {
    const row = db.prepare('SELECT jpeg FROM photo WHERE id = ?').get(id) as { jpeg: Uint8Array } | undefined;
    if (row === undefined) throw new NotFoundError('photo');
    return row.jpeg;
  },

  remove: (db: Db, id: string): void => {
    if (db.prepare('DELETE FROM photo WHERE id = ?').run(id).changes === 0) throw new NotFoundError('photo');
  },
};
