-- A photo belongs to a strip or to an entry of the log.
CREATE TABLE photo_of_both (
  id TEXT PRIMARY KEY NOT NULL,
  job_id TEXT REFERENCES job (id) ON DELETE CASCADE,
  -- The layer it shows; NULL when that layer was taken out of the list again, or for the filter as a whole.
  layer_id TEXT,
  -- No reference: an entry that was deleted by mistake comes back under its id, and its photos are still there. What
  -- belongs to no entry any more is cleared when the app starts.
  entry_id TEXT,
  filter_id TEXT REFERENCES filter (id) ON DELETE CASCADE,
  taken_at TEXT NOT NULL,
  width INTEGER NOT NULL CHECK (width > 0),
  height INTEGER NOT NULL CHECK (height > 0),
  jpeg BLOB NOT NULL,
  CHECK ((job_id IS NULL) <> (entry_id IS NULL)),
  CHECK ((entry_id IS NULL) = (filter_id IS NULL))
) STRICT;
INSERT INTO photo_of_both (id, job_id, layer_id, taken_at, width, height, jpeg)
  SELECT id, job_id, layer_id, taken_at, width, height, jpeg FROM photo ORDER BY rowid;
DROP TABLE photo;
ALTER TABLE photo_of_both RENAME TO photo;
CREATE INDEX photo_by_job ON photo (job_id, taken_at);
CREATE INDEX photo_by_entry ON photo (entry_id, taken_at);
CREATE INDEX photo_by_filter ON photo (filter_id);
