import { PastForecastSchema, type PastForecast } from '@/core/outlook/pastForecast';
import type { Db } from './openDatabase';

/** Past forecasts by the job that packed; null: nothing could be foreseen of that pack. */
export const pastForecasts = {
  /** Undefined: not worked out yet, or by an app that kept something else. */
  get: (db: Db, jobId: string): PastForecast | null | undefined => {
    const row = db.prepare('SELECT doc FROM past_forecast WHERE job_id = ?').get(jobId) as
      { readonly doc: string | null } | undefined;
    if (row === undefined) return undefined;
    return row.doc === null ? null : PastForecastSchema.safeParse(JSON.parse(row.doc)).data;
  },

  /** Keeps one; nothing where the job is gone meanwhile. */
  put: (db: Db, jobId: string, past: PastForecast | null): void => {
    db.prepare(`INSERT OR REPLACE INTO past_forecast (job_id, doc) SELECT id, ? FROM job WHERE id = ?`).run(
      past === null ? null : JSON.stringify(past),
      jobId,
    );
  },
};
