-- The tables as the first release has them. Version 11: the ten before it were never released.

-- What this database is: "demo" or "own". The two are never mixed: one shop a database, and always the same.
CREATE TABLE shop (kind TEXT NOT NULL CHECK (kind IN ('demo', 'own'))) STRICT;
CREATE UNIQUE INDEX shop_once ON shop ((1));
CREATE TRIGGER shop_keep BEFORE UPDATE ON shop BEGIN SELECT RAISE(ABORT, 'a shop stays what it is'); END;
CREATE TRIGGER shop_stay BEFORE DELETE ON shop BEGIN SELECT RAISE(ABORT, 'a shop stays what it is'); END;
CREATE TRIGGER shop_first BEFORE INSERT ON shop WHEN EXISTS (SELECT 1 FROM shop)
  BEGIN SELECT RAISE(ABORT, 'a shop stays what it is'); END;

-- A setup: one clamping of one part on one machine. What is planned of it is a document.
CREATE TABLE setups (
  id          TEXT PRIMARY KEY,
  created_at  TEXT NOT NULL
) STRICT, WITHOUT ROWID;

-- The log, rows of every kind but readings: added, never changed. Rows of the shop belong to no setup.
CREATE TABLE entries (
  seq          INTEGER PRIMARY KEY,
  id           TEXT NOT NULL UNIQUE,
  kind         TEXT NOT NULL,
  setup_id     TEXT REFERENCES setups (id),
  v            INTEGER NOT NULL CHECK (v >= 1),
  body         TEXT NOT NULL CHECK (json_valid(body)),
  received_at  TEXT NOT NULL
) STRICT;
CREATE INDEX entries_by_setup ON entries (setup_id, seq);
CREATE INDEX strikes_by_reading ON entries (body ->> 'readingId', seq) WHERE kind = 'strike';

-- Nobody opens an epoch that somebody else has opened.
CREATE UNIQUE INDEX epochs ON entries (setup_id, body ->> 'axis', body ->> '$.place.scale', body ->> 'opens')
  WHERE kind = 'zeroing' AND body ->> 'opens' IS NOT NULL;
CREATE TRIGGER entries_keep BEFORE UPDATE ON entries BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;
CREATE TRIGGER entries_stay BEFORE DELETE ON entries BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;
CREATE TRIGGER entries_once BEFORE INSERT ON entries
  WHEN EXISTS (SELECT 1 FROM entries WHERE id = NEW.id) OR EXISTS (SELECT 1 FROM entries WHERE seq = NEW.seq)
       OR (NEW.kind = 'zeroing' AND NEW.body ->> 'opens' IS NOT NULL AND EXISTS (
         SELECT 1 FROM entries WHERE kind = 'zeroing' AND setup_id = NEW.setup_id AND body ->> 'axis' = NEW.body ->> 'axis'
           AND body ->> '$.place.scale' = NEW.body ->> '$.place.scale' AND body ->> 'opens' = NEW.body ->> 'opens'))
  BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;

-- Readings have columns of their own: they are counted and searched.
CREATE TABLE readings (
  seq          INTEGER PRIMARY KEY,
  id           TEXT NOT NULL UNIQUE,
  setup_id     TEXT NOT NULL REFERENCES setups (id),
  on_what      TEXT NOT NULL CHECK (on_what IN ('scale', 'dial', 'gauge')),
  subject      TEXT NOT NULL CHECK (json_valid(subject)),
  gauge_id     TEXT NOT NULL,
  value        REAL NOT NULL,
  source       TEXT NOT NULL CHECK (json_valid(source)),
  ticked       TEXT NOT NULL CHECK (json_valid(ticked)),
  taken_at     TEXT NOT NULL,
  axis         TEXT CHECK (axis IN ('x', 'y', 'z')),
  approach     INTEGER CHECK (approach IN (-1, 1)),
  scale        TEXT,
  work_offset  TEXT,
  rotary       TEXT CHECK (rotary IS NULL OR json_valid(rotary)),
  epoch        TEXT,
  feeler       REAL CHECK (feeler >= 0),
  across       TEXT CHECK (across IS NULL OR json_valid(across)),
  tool         INTEGER,
  cutter_id    TEXT,
  received_at  TEXT NOT NULL,
  CHECK (on_what <> 'scale' OR (axis IS NOT NULL AND approach IS NOT NULL AND scale IS NOT NULL AND epoch IS NOT NULL AND feeler IS NOT NULL))
) STRICT;
CREATE INDEX readings_by_setup ON readings (setup_id, seq);
CREATE INDEX readings_by_gauge ON readings (gauge_id, taken_at, setup_id);
CREATE TRIGGER readings_keep BEFORE UPDATE ON readings BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;
CREATE TRIGGER readings_stay BEFORE DELETE ON readings BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;
CREATE TRIGGER readings_once BEFORE INSERT ON readings
  WHEN EXISTS (SELECT 1 FROM readings WHERE id = NEW.id) OR EXISTS (SELECT 1 FROM readings WHERE seq = NEW.seq)
  BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;

-- Documents of every kind, of a setup or of the shop (no setup): saved whole, each save under a name of its own.
CREATE TABLE documents (
  kind      TEXT NOT NULL,
  setup_id  TEXT NOT NULL,
  key       TEXT NOT NULL,
  place     INTEGER NOT NULL,
  version   TEXT NOT NULL,
  v         INTEGER NOT NULL CHECK (v >= 1),
  body      TEXT NOT NULL CHECK (json_valid(body)),
  seq       INTEGER NOT NULL UNIQUE,
  saved_at  TEXT NOT NULL,
  PRIMARY KEY (kind, setup_id, key)
) STRICT, WITHOUT ROWID;
CREATE INDEX documents_by_setup ON documents (setup_id, seq);

-- A checksum for every row and every save of a document, chained along the line of the device it came by: what was changed,
-- taken away or put in by anything but this program shows.
CREATE TABLE row_sums (
  seq       INTEGER PRIMARY KEY,
  kind      TEXT NOT NULL,
  setup_id  TEXT NOT NULL,
  id        TEXT NOT NULL,
  line      TEXT NOT NULL,
  sum       BLOB NOT NULL CHECK (length(sum) = 32),
  chain     BLOB NOT NULL CHECK (length(chain) = 32)
) STRICT;
CREATE INDEX row_sums_by_line ON row_sums (line, seq);
CREATE TRIGGER row_sums_keep BEFORE UPDATE ON row_sums BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;
CREATE TRIGGER row_sums_stay BEFORE DELETE ON row_sums BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;
CREATE TRIGGER row_sums_once BEFORE INSERT ON row_sums WHEN EXISTS (SELECT 1 FROM row_sums WHERE seq = NEW.seq)
  BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END;

-- Entries of one device come in one line, numbered as they were logged. The latest number that was settled: stored, or
-- refused and reported.
CREATE TABLE lines (
  id      TEXT PRIMARY KEY,
  settled INTEGER NOT NULL
) STRICT;

-- Phones and other machines that were let in over the network. A device's key is kept as its hash alone.
CREATE TABLE devices (
  id           TEXT PRIMARY KEY,
  name         TEXT NOT NULL,
  key_hash     BLOB NOT NULL,
  paired_at    TEXT NOT NULL,
  seen_at      TEXT NOT NULL,
  dismissed_at TEXT
) STRICT;

-- Where the DRO or the control of a machine is found. Of this server alone: how it is wired is no part of the record.
CREATE TABLE links (
  machine_id TEXT PRIMARY KEY,
  address    TEXT NOT NULL CHECK (json_valid(address))
) STRICT;
