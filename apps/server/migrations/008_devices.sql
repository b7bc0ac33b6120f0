-- Phones and other machines that were let in over the network. A device's key is kept as its hash alone.
CREATE TABLE devices (
  id           TEXT PRIMARY KEY,
  name         TEXT NOT NULL,
  key_hash     BLOB NOT NULL,
  paired_at    TEXT NOT NULL,
  seen_at      TEXT NOT NULL,
  dismissed_at TEXT
) STRICT;
