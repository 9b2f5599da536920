-- One row: what the keeper has on hand, and what it costs.
CREATE TABLE shelf (
  id TEXT PRIMARY KEY NOT NULL CHECK (id = 'shelf'),
  version INTEGER NOT NULL CHECK (version > 0),
  updated_at TEXT NOT NULL,
  schema_version INTEGER NOT NULL CHECK (schema_version > 0),
  doc TEXT NOT NULL CHECK (json_valid(doc) AND json_extract(doc, '$.id') = id)
) STRICT;
