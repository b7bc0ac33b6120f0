-- How a part is held, and the shop's own short lists for it; a list not in the table is as the program has it.
ALTER TABLE setups ADD COLUMN holding_id TEXT NOT NULL DEFAULT 'vise';
CREATE TABLE holdings (id TEXT PRIMARY KEY, body TEXT NOT NULL CHECK (json_valid(body))) STRICT, WITHOUT ROWID;

-- How each thing is lined up: read and written whole.
CREATE TABLE alignments (
  setup_id  TEXT NOT NULL REFERENCES setups (id),
  task      TEXT NOT NULL,
  body      TEXT NOT NULL CHECK (json_valid(body)),
  PRIMARY KEY (setup_id, task)
) STRICT, WITHOUT ROWID;

-- More of the ledger: rows are added, never changed.
CREATE TABLE checks (
  seq          INTEGER PRIMARY KEY AUTOINCREMENT,
  id           TEXT NOT NULL UNIQUE,
  setup_id     TEXT NOT NULL REFERENCES setups (id),
  item         TEXT NOT NULL,
  text         TEXT NOT NULL,
  action       TEXT NOT NULL CHECK (action IN ('tick', 'skip', 'clear')),
  reason       TEXT NOT NULL,
  at           TEXT NOT NULL,
  received_at  TEXT NOT NULL
) STRICT;
CREATE INDEX checks_by_setup ON checks (setup_id, seq);

CREATE TABLE sweeps (
  seq          INTEGER PRIMARY KEY AUTOINCREMENT,
  id           TEXT NOT NULL UNIQUE,
  setup_id     TEXT NOT NULL REFERENCES setups (id),
  pass         INTEGER NOT NULL CHECK (pass >= 1),
  name         TEXT NOT NULL,
  points       TEXT NOT NULL CHECK (json_valid(points)),
  at           TEXT NOT NULL,
  received_at  TEXT NOT NULL
) STRICT;
CREATE INDEX sweeps_by_setup ON sweeps (setup_id, seq);

CREATE TRIGGER checks_keep BEFORE UPDATE ON checks BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER checks_stay BEFORE DELETE ON checks BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER sweeps_keep BEFORE UPDATE ON sweeps BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER sweeps_stay BEFORE DELETE ON sweeps BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
