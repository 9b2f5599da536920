/** Ids of the open job and the newest finished one of every filter. */
export const NEWEST_JOBS = `SELECT id FROM (
  SELECT id, row_number() OVER (PARTITION BY filter_id, stage = 'done' ORDER BY started_at DESC) AS place FROM job)
  WHERE place = 1`;
