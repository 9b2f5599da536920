-- Phones and tablets that may reach the app over the home network, each by the hash of its secret.
CREATE TABLE paired_device (
  id TEXT PRIMARY KEY NOT NULL,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  secret_hash TEXT NOT NULL UNIQUE,
  paired_at TEXT NOT NULL,
  seen_at TEXT NOT NULL
) STRICT;

-- At most one row: the code with which the next device is paired, by its hash.
CREATE TABLE pairing_code (
  id TEXT PRIMARY KEY NOT NULL CHECK (id = 'code'),
  code_hash TEXT NOT NULL,
  ends_at TEXT NOT NULL,
  wrong INTEGER NOT NULL CHECK (wrong >= 0)
) STRICT;
