-- What was to be expected of a pack on the day it went in, by the log up to that day, worked out once. It is derived from the
-- other tables and can be lost.
CREATE TABLE past_forecast (
  job_id TEXT PRIMARY KEY NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  doc TEXT CHECK (doc IS NULL OR json_valid(doc))
) STRICT;
