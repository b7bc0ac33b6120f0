-- Things of the shop: read and written whole, checked by the contract on the way in.
CREATE TABLE machines (id TEXT PRIMARY KEY, body TEXT NOT NULL CHECK (json_valid(body))) STRICT, WITHOUT ROWID;
CREATE TABLE gauges   (id TEXT PRIMARY KEY, body TEXT NOT NULL CHECK (json_valid(body))) STRICT, WITHOUT ROWID;
CREATE TABLE tools    (id TEXT PRIMARY KEY, body TEXT NOT NULL CHECK (json_valid(body))) STRICT, WITHOUT ROWID;
CREATE TABLE parts    (id TEXT PRIMARY KEY, body TEXT NOT NULL CHECK (json_valid(body))) STRICT, WITHOUT ROWID;

-- What this database is: "demo" or "own". The two are never mixed.
CREATE TABLE shop (kind TEXT NOT NULL CHECK (kind IN ('demo', 'own'))) STRICT;

CREATE TABLE setups (
  id               TEXT PRIMARY KEY,
  name             TEXT NOT NULL,
  machine_id       TEXT NOT NULL REFERENCES machines (id),
  part_id          TEXT NOT NULL REFERENCES parts (id),
  finder_id        TEXT NOT NULL REFERENCES gauges (id),
  height_gauge_id  TEXT NOT NULL REFERENCES gauges (id),
  part_zero        TEXT NOT NULL,
  tolerance        REAL NOT NULL CHECK (tolerance > 0),
  units            TEXT NOT NULL CHECK (units IN ('mm', 'in')),
  reference_tool   INTEGER NOT NULL,
  feeler           REAL NOT NULL CHECK (feeler >= 0),
  note             TEXT NOT NULL,
  created_at       TEXT NOT NULL,
  changed_at       TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TABLE patterns (
  id        TEXT PRIMARY KEY,
  setup_id  TEXT NOT NULL REFERENCES setups (id),
  place     INTEGER NOT NULL,
  body      TEXT NOT NULL CHECK (json_valid(body))
) STRICT, WITHOUT ROWID;
CREATE INDEX patterns_by_setup ON patterns (setup_id, place);

-- The ledger: rows are added, never changed.
CREATE TABLE readings (
  seq          INTEGER PRIMARY KEY AUTOINCREMENT,
  id           TEXT NOT NULL UNIQUE,
  setup_id     TEXT NOT NULL REFERENCES setups (id),
  subject      TEXT NOT NULL CHECK (json_valid(subject)),
  axis         TEXT NOT NULL CHECK (axis IN ('x', 'y', 'z')),
  approach     INTEGER NOT NULL CHECK (approach IN (-1, 1)),
  gauge_id     TEXT NOT NULL REFERENCES gauges (id),
  feeler       REAL NOT NULL CHECK (feeler >= 0),
  scale        TEXT NOT NULL,
  epoch        INTEGER NOT NULL CHECK (epoch >= 1),
  text         TEXT NOT NULL,
  unit         TEXT NOT NULL,
  value        REAL NOT NULL,
  ticked       TEXT NOT NULL CHECK (json_valid(ticked)),
  taken_at     TEXT NOT NULL,
  received_at  TEXT NOT NULL
) STRICT;
CREATE INDEX readings_by_setup ON readings (setup_id, seq);

CREATE TABLE strikes (
  seq          INTEGER PRIMARY KEY AUTOINCREMENT,
  id           TEXT NOT NULL UNIQUE,
  setup_id     TEXT NOT NULL REFERENCES setups (id),
  reading_id   TEXT NOT NULL REFERENCES readings (id),
  action       TEXT NOT NULL CHECK (action IN ('strike', 'restore')),
  reason       TEXT NOT NULL,
  at           TEXT NOT NULL,
  received_at  TEXT NOT NULL
) STRICT;
CREATE INDEX strikes_by_reading ON strikes (reading_id, seq);

CREATE TABLE zeroings (
  seq          INTEGER PRIMARY KEY AUTOINCREMENT,
  id           TEXT NOT NULL UNIQUE,
  setup_id     TEXT NOT NULL REFERENCES setups (id),
  axis         TEXT NOT NULL CHECK (axis IN ('x', 'y', 'z')),
  epoch        INTEGER NOT NULL CHECK (epoch >= 1),
  form         TEXT NOT NULL,
  subject      TEXT NOT NULL CHECK (json_valid(subject)),
  value        REAL NOT NULL,
  at           TEXT NOT NULL,
  received_at  TEXT NOT NULL
) STRICT;
CREATE INDEX zeroings_by_setup ON zeroings (setup_id, seq);

CREATE TRIGGER readings_keep BEFORE UPDATE ON readings BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER readings_stay BEFORE DELETE ON readings BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER strikes_keep  BEFORE UPDATE ON strikes  BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER strikes_stay  BEFORE DELETE ON strikes  BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER zeroings_keep BEFORE UPDATE ON zeroings BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER zeroings_stay BEFORE DELETE ON zeroings BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;

-- Readings as people see them: each with the strike in force, if any.
CREATE VIEW readings_in_ledger AS
SELECT r.*,
       CASE WHEN s.action = 'strike' THEN s.id END     AS struck_by,
       CASE WHEN s.action = 'strike' THEN s.reason END AS struck_reason
FROM readings r
LEFT JOIN strikes s ON s.seq = (SELECT max(seq) FROM strikes WHERE reading_id = r.id);
