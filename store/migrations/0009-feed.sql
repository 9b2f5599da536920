-- At most one row: the secret in the address under which calendars may read what is due, by its hash. Of this machine,
-- like the paired devices.
CREATE TABLE calendar_feed (
  id TEXT PRIMARY KEY NOT NULL CHECK (id = 'feed'),
  secret_hash TEXT NOT NULL,
  made_at TEXT NOT NULL
) STRICT;
