-- A document a row: the JSON is checked by Zod before it gets here, and the columns that SQL needs are
-- generated from it, so that nothing is written down twice.

CREATE TABLE tank (
  id TEXT PRIMARY KEY NOT NULL,
  version INTEGER NOT NULL CHECK (version > 0),
  updated_at TEXT NOT NULL,
  doc TEXT NOT NULL CHECK (json_valid(doc) AND json_extract(doc, '$.id') = id)
) STRICT;

CREATE TABLE filter (
  id TEXT PRIMARY KEY NOT NULL,
  version INTEGER NOT NULL CHECK (version > 0),
  updated_at TEXT NOT NULL,
  doc TEXT NOT NULL CHECK (json_valid(doc) AND json_extract(doc, '$.id') = id),
  tank_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.tankId')) STORED
    REFERENCES tank (id)
) STRICT;
CREATE INDEX filter_by_tank ON filter (tank_id);

CREATE TABLE pack (
  id TEXT PRIMARY KEY NOT NULL,
  version INTEGER NOT NULL CHECK (version > 0),
  updated_at TEXT NOT NULL,
  doc TEXT NOT NULL CHECK (json_valid(doc) AND json_extract(doc, '$.id') = id),
  filter_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.filterId')) STORED
    REFERENCES filter (id) ON DELETE CASCADE
) STRICT;
CREATE INDEX pack_by_filter ON pack (filter_id);

CREATE TABLE job (
  id TEXT PRIMARY KEY NOT NULL,
  version INTEGER NOT NULL CHECK (version > 0),
  updated_at TEXT NOT NULL,
  doc TEXT NOT NULL CHECK (json_valid(doc) AND json_extract(doc, '$.id') = id),
  filter_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.filterId')) STORED
    REFERENCES filter (id) ON DELETE CASCADE,
  stage TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.stage')) STORED,
  started_at TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.startedAt')) STORED,
  as_found_pack_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.asFoundPackId')) STORED
    REFERENCES pack (id),
  planned_pack_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.plannedPackId')) STORED
    REFERENCES pack (id),
  as_packed_pack_id TEXT GENERATED ALWAYS AS (json_extract(doc, '$.asPackedPackId')) STORED
    REFERENCES pack (id)
) STRICT;
CREATE INDEX job_by_filter ON job (filter_id, started_at);
-- A filter is open on one bench at a time.
CREATE UNIQUE INDEX one_open_job ON job (filter_id) WHERE stage <> 'done';

CREATE TABLE log_entry (
  id TEXT PRIMARY KEY NOT NULL,
  doc TEXT NOT NULL CHECK (json_valid(doc) AND json_extract(doc, '$.id') = id),
  filter_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.filterId')) STORED
    REFERENCES filter (id) ON DELETE CASCADE,
  job_id TEXT GENERATED ALWAYS AS (json_extract(doc, '$.jobId')) STORED
    REFERENCES job (id),
  at TEXT NOT NULL GENERATED ALWAYS AS (json_extract(doc, '$.at')) STORED
) STRICT;
CREATE INDEX log_by_filter ON log_entry (filter_id, at);
