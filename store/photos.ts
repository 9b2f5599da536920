import { randomUUID } from 'node:crypto';
import { IdSchema } from '@/core/document/fields';
import { MOST_PHOTOS, PhotoSchema, type Photo } from '@/core/job/photo';
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
  readonly job_id: string;
  readonly layer_id: string | null;
  readonly taken_at: string;
  readonly width: number;
  readonly height: number;
}

const COLUMNS = 'id, job_id, layer_id, taken_at, width, height';

const fromRow = (row: Row): Photo =>
  PhotoSchema.parse({
    id: row.id,
    jobId: row.job_id,
    layerId: row.layer_id,
    takenAt: row.taken_at,
    width: row.width,
    height: row.height,
  });

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
        if (photos.ofJob(db, jobId).length >= MOST_PHOTOS)
          throw new InvalidError([`A job holds at most ${MOST_PHOTOS} photos: remove one first.`]);
        const id = randomUUID();
        const row = db
          .prepare(
            `INSERT INTO photo (id, job_id, layer_id, taken_at, width, height, jpeg)
             VALUES (?, ?, ?, ?, ?, ?, ?) RETURNING ${COLUMNS}`,
          )
          .get(id, jobId, layerId, new Date().toISOString(), picture.width, picture.height, picture.jpeg);
        return fromRow(row as Row);
      })
      .immediate(),

  jpeg: (db: Db, id: string): Uint8Array => {
    const row = db.prepare('SELECT jpeg FROM photo WHERE id = ?').get(id) as { jpeg: Uint8Array } | undefined;
    if (row === undefined) throw new NotFoundError('photo');
    return row.jpeg;
  },

  remove: (db: Db, id: string): void => {
    if (db.prepare('DELETE FROM photo WHERE id = ?').run(id).changes === 0) throw new NotFoundError('photo');
  },
};
