-- One row: what the keeper has chosen for the whole app.
CREATE TABLE settings (
  id TEXT PRIMARY KEY NOT NULL CHECK (id = 'settings'),
  version INTEGER NOT NULL CHECK (version > 0),
  updated_at TEXT NOT NULL,
  doc TEXT NOT NULL CHECK (json_valid(doc) AND json_extract(doc, '$.id') = id)
) STRICT;
