-- Photos of a strip. The picture itself is stored without where and by what it was taken.
CREATE TABLE photo (
  id TEXT PRIMARY KEY NOT NULL,
  job_id TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  -- The layer it shows; NULL when that layer was taken out of the list again, or for the filter as a whole.
  layer_id TEXT,
  taken_at TEXT NOT NULL,
  width INTEGER NOT NULL CHECK (width > 0),
  height INTEGER NOT NULL CHECK (height > 0),
  jpeg BLOB NOT NULL
) STRICT;
CREATE INDEX photo_by_job ON photo (job_id, taken_at);
