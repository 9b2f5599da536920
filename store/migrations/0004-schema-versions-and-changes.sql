-- "NEAT": by this a database file is known as this app's own.
PRAGMA application_id = 1313161556;

-- The version of the schemas that each document was written in; older ones are brought up to date when they are read.
ALTER TABLE tank ADD COLUMN schema_version INTEGER NOT NULL DEFAULT 1 CHECK (schema_version > 0);
ALTER TABLE filter ADD COLUMN schema_version INTEGER NOT NULL DEFAULT 1 CHECK (schema_version > 0);
ALTER TABLE pack ADD COLUMN schema_version INTEGER NOT NULL DEFAULT 1 CHECK (schema_version > 0);
ALTER TABLE job ADD COLUMN schema_version INTEGER NOT NULL DEFAULT 1 CHECK (schema_version > 0);
ALTER TABLE log_entry ADD COLUMN schema_version INTEGER NOT NULL DEFAULT 1 CHECK (schema_version > 0);
ALTER TABLE settings ADD COLUMN schema_version INTEGER NOT NULL DEFAULT 1 CHECK (schema_version > 0);

-- Every reference and every question asked of the tables has its index.
ALTER TABLE log_entry ADD COLUMN kind TEXT GENERATED ALWAYS AS (json_extract(doc, '$.kind')) VIRTUAL;
CREATE INDEX log_by_kind ON log_entry (kind, filter_id, at);
CREATE INDEX log_by_job ON log_entry (job_id);
CREATE INDEX job_by_as_found ON job (as_found_pack_id);
CREATE INDEX job_by_planned ON job (planned_pack_id);
CREATE INDEX job_by_as_packed ON job (as_packed_pack_id);

-- Changes that were made, by the id the browser gave them: the same id again is answered and not done again.
CREATE TABLE change (
  sequence INTEGER PRIMARY KEY,
  id TEXT NOT NULL UNIQUE,
  -- What it was: method and address.
  what TEXT NOT NULL,
  answer TEXT NOT NULL CHECK (json_valid(answer))
) STRICT;
