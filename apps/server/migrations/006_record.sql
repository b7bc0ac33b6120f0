-- The record made ready: one place in it for everything, whatever its kind; readings keep their columns for speed.
-- What a number was read on, which zero the scale had, where it came from: each reading says only what it has.

CREATE TABLE setups_6 (
  id          TEXT PRIMARY KEY,
  created_at  TEXT NOT NULL
) STRICT, WITHOUT ROWID;
INSERT INTO setups_6 (id, created_at) SELECT id, created_at FROM setups;

-- Rows of every kind but readings: added, never changed. Shop rows belong to no set-up.
CREATE TABLE entries (
  seq          INTEGER PRIMARY KEY,
  id           TEXT NOT NULL UNIQUE,
  kind         TEXT NOT NULL,
  setup_id     TEXT REFERENCES setups_6 (id),
  v            INTEGER NOT NULL CHECK (v >= 1),
  body         TEXT NOT NULL CHECK (json_valid(body)),
  received_at  TEXT NOT NULL
) STRICT;

CREATE TABLE readings_6 (
  seq          INTEGER PRIMARY KEY,
  id           TEXT NOT NULL UNIQUE,
  setup_id     TEXT NOT NULL REFERENCES setups_6 (id),
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

-- Documents of every kind, of a set-up or of the shop (no set-up): saved whole, each save under a name of its own.
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

-- Everything that was in the ledger, in the order it came.
CREATE TEMP TABLE came AS
SELECT kind, id, row_number() OVER (ORDER BY received_at, turn, seq) AS seq FROM (
  SELECT 'reading' AS kind, id, received_at, 1 AS turn, seq FROM readings
  UNION ALL SELECT 'strike', id, received_at, 2, seq FROM strikes
  UNION ALL SELECT 'zeroing', id, received_at, 3, seq FROM zeroings
  UNION ALL SELECT 'check', id, received_at, 4, seq FROM checks
  UNION ALL SELECT 'sweep', id, received_at, 5, seq FROM sweeps
);
CREATE UNIQUE INDEX temp.came_by_id ON came (kind, id);

-- A number that one device counted names an epoch only in its own set-up, axis and scale; from the second on it has a name.
CREATE TEMP TABLE was_zeroed AS
SELECT z.*, coalesce(z.scale, m.body ->> 'scale') AS on_scale,
       z.epoch >= 2 AND z.seq = min(z.seq) OVER (PARTITION BY z.setup_id, z.axis, coalesce(z.scale, m.body ->> 'scale'), z.epoch) AS opens
FROM zeroings z JOIN setups s ON s.id = z.setup_id JOIN machines m ON m.id = s.machine_id;

INSERT INTO readings_6
SELECT c.seq, r.id, r.setup_id, r.on_what, r.subject, r.gauge_id, r.value,
       json_object('by', 'typed', 'text', r.text, 'unit', r.unit), r.ticked, r.taken_at,
       CASE WHEN r.on_what = 'scale' THEN r.axis END,
       CASE WHEN r.on_what = 'scale' THEN r.approach END,
       CASE WHEN r.on_what = 'scale' THEN r.on_scale END,
       NULL, NULL,
       CASE WHEN r.on_what = 'scale' THEN iif(r.epoch < 2, 'first', 'e-' || r.axis || '-' || r.on_scale || '-' || r.epoch) END,
       CASE WHEN r.on_what = 'scale' THEN r.feeler END,
       CASE WHEN r.on_what = 'scale' THEN r.across END,
       CASE WHEN r.on_what = 'scale' THEN r.tool END,
       NULL, r.received_at
FROM (
  SELECT r.*,
         CASE WHEN r.scale = 'indicator' THEN m.body ->> 'scale' ELSE r.scale END AS on_scale,
         CASE WHEN r.subject ->> 'kind' = 'bore-size' THEN 'gauge'
              WHEN r.subject ->> 'kind' IN ('sweep', 'run-out') THEN 'dial'
              WHEN r.subject ->> 'kind' = 'alignment'
                   AND (r.scale = 'indicator' OR r.subject ->> 'task' NOT IN ('skew', 'centre')) THEN 'dial'
              ELSE 'scale' END AS on_what
  FROM readings r JOIN setups s ON s.id = r.setup_id JOIN machines m ON m.id = s.machine_id
) r
JOIN came c ON c.kind = 'reading' AND c.id = r.id;

INSERT INTO entries (seq, id, kind, setup_id, v, body, received_at)
SELECT c.seq, s.id, 'strike', s.setup_id, 1,
       json_object('id', s.id, 'readingId', s.reading_id, 'action', s.action, 'reason', s.reason, 'at', s.at), s.received_at
FROM strikes s JOIN came c ON c.kind = 'strike' AND c.id = s.id;

INSERT INTO entries (seq, id, kind, setup_id, v, body, received_at)
SELECT c.seq, z.id, 'zeroing', z.setup_id, 2,
       json_patch(
         json_object('id', z.id, 'axis', z.axis, 'place', json_object('scale', z.on_scale),
                     'began', iif(z.epoch - z.opens < 2, 'first', 'e-' || z.axis || '-' || z.on_scale || '-' || (z.epoch - z.opens)),
                     'form', z.form, 'subject', json(z.subject), 'value', z.value, 'at', z.at),
         iif(z.opens, json_object('opens', 'e-' || z.axis || '-' || z.on_scale || '-' || z.epoch), '{}')),
       z.received_at
FROM was_zeroed z JOIN came c ON c.kind = 'zeroing' AND c.id = z.id;

INSERT INTO entries (seq, id, kind, setup_id, v, body, received_at)
SELECT c.seq, k.id, 'check', k.setup_id, 1,
       json_object('id', k.id, 'item', k.item, 'text', k.text, 'action', k.action, 'reason', k.reason, 'at', k.at), k.received_at
FROM checks k JOIN came c ON c.kind = 'check' AND c.id = k.id;

INSERT INTO entries (seq, id, kind, setup_id, v, body, received_at)
SELECT c.seq, w.id, 'sweep', w.setup_id, 1,
       json_object('id', w.id, 'pass', w.pass, 'name', w.name, 'points', json(w.points), 'at', w.at), w.received_at
FROM sweeps w JOIN came c ON c.kind = 'sweep' AND c.id = w.id;

-- What gauges and axes were measured to be counts from the first reading on: nobody wrote down from when.
CREATE TEMP TABLE was_found AS
SELECT 'size-' || id AS id, json_object('kind', 'gauge', 'gaugeId', id) AS of_what,
       json_object('what', 'size', 'value', body ->> 'measured') AS found, body ->> 'checkedOn' AS day
FROM gauges WHERE body ->> 'measured' IS NOT NULL
UNION ALL
SELECT 'offsets-' || id, json_object('kind', 'gauge', 'gaugeId', id),
       json_object('what', 'offsets', 'x', body ->> '$.offsets.x', 'y', body ->> '$.offsets.y', 'z', body ->> '$.offsets.z'), body ->> 'checkedOn'
FROM gauges WHERE body ->> 'offsets' IS NOT NULL
UNION ALL
SELECT 'tir-' || id, json_object('kind', 'gauge', 'gaugeId', id), json_object('what', 'run-out', 'value', body ->> 'tir'), body ->> 'checkedOn'
FROM gauges WHERE body ->> 'tir' IS NOT NULL
UNION ALL
SELECT 'touch-' || id, json_object('kind', 'gauge', 'gaugeId', id), json_object('what', 'touch', 'value', body ->> 'u'), body ->> 'checkedOn'
FROM gauges WHERE body ->> 'u' IS NOT NULL
UNION ALL
SELECT 'backlash-' || a.key || '-' || m.id, json_object('kind', 'axis', 'machineId', m.id, 'axis', a.key),
       json_object('what', 'backlash', 'value', a.value ->> '$.backlash.value', 'U', a.value ->> '$.backlash.U',
                   'fromMinus', json(a.value -> '$.backlash.fromMinus'), 'fromPlus', json(a.value -> '$.backlash.fromPlus')),
       a.value ->> '$.backlash.measuredOn'
FROM machines m, json_each(m.body, '$.axes') a WHERE a.value ->> 'backlash' IS NOT NULL;

INSERT INTO entries (seq, id, kind, setup_id, v, body, received_at)
SELECT (SELECT coalesce(max(seq), 0) FROM came) + row_number() OVER (ORDER BY f.id), substr(f.id, 1, 64), 'calibration', NULL, 1,
       json_object('id', substr(f.id, 1, 64), 'of', json(f.of_what), 'found', json(f.found),
                   'from', '1970-01-01T00:00:00.000Z',
                   'at', coalesce(f.day || 'T00:00:00.000Z', strftime('%Y-%m-%dT%H:%M:%fZ'))),
       strftime('%Y-%m-%dT%H:%M:%fZ')
FROM was_found f;

-- Documents. A save began from nothing that is still known, so each is called its first version.
CREATE TEMP TABLE was_kept (kind TEXT, setup_id TEXT, key TEXT, place INTEGER, v INTEGER, body TEXT, saved_at TEXT);
INSERT INTO was_kept SELECT 'machine', '', id, 0, 1, body, '' FROM machines;
INSERT INTO was_kept SELECT 'gauge', '', id, 0, 1, body, '' FROM gauges;
INSERT INTO was_kept SELECT 'part', '', id, 0, 1, body, '' FROM parts;
INSERT INTO was_kept SELECT 'holding', '', id, 0, 1, body, '' FROM holdings;
INSERT INTO was_kept SELECT 'toolTable', '', id, 0, 1, body, '' FROM tables;
INSERT INTO was_kept SELECT 'cutter', '', id, 0, 1, json_remove(body, '$.number'), '' FROM tools;
-- Numbers were the whole shop's; each machine takes them over. A retired tool gives way to one in use.
INSERT INTO was_kept
SELECT 'magazine', '', m.id, 0, 1,
       json_object('id', m.id, 'tools', (
         SELECT json_group_array(json_object('number', number, 'cutterId', id)) FROM (
           SELECT id, body ->> 'number' AS number,
                  row_number() OVER (PARTITION BY body ->> 'number' ORDER BY body ->> 'retiredOn' IS NOT NULL, body ->> 'name', id) AS turn
           FROM tools ORDER BY number)
         WHERE turn = 1)), ''
FROM machines m WHERE EXISTS (SELECT 1 FROM tools);
INSERT INTO was_kept
SELECT 'plan', id, '', 0, 1,
       json_patch(
         json_object('name', name, 'machineId', machine_id, 'partId', part_id, 'partZero', part_zero, 'tolerance', tolerance, 'units', units,
                     'finderId', finder_id, 'heightGaugeId', height_gauge_id, 'referenceTool', reference_tool, 'feeler', feeler,
                     'holdingId', holding_id, 'note', note),
         json_object('scale', scale, 'cutter', cutter, 'caliper', json(caliper))),
       changed_at
FROM setups;
INSERT INTO was_kept SELECT 'pattern', setup_id, id, place, 1, body, '' FROM patterns;
INSERT INTO was_kept SELECT 'datumPlan', setup_id, '', 0, 1, body, '' FROM datum_plans;
INSERT INTO was_kept SELECT 'cutPlan', setup_id, '', 0, 1, body, '' FROM cut_plans;
-- The sense of a rotary axis has one meaning from now on, the command's: that of the machine where it is described
-- there, else the other way round than it stood here, where it was the part's own turn.
INSERT INTO was_kept
SELECT 'alignment', a.setup_id, a.task, 0, 2,
       iif(a.task = 'level',
           json_set(a.body, '$.rotarySense', coalesce(m.body ->> '$.rotary[0].sense', -(a.body ->> 'rotarySense'))), a.body), ''
FROM alignments a JOIN setups s ON s.id = a.setup_id JOIN machines m ON m.id = s.machine_id;
INSERT INTO documents (kind, setup_id, key, place, version, v, body, seq, saved_at)
SELECT kind, setup_id, key, place, 'first', v, body,
       (SELECT coalesce(max(seq), 0) FROM entries) + (SELECT coalesce(max(seq), 0) FROM came) + row_number() OVER (ORDER BY kind, setup_id, place, key),
       iif(saved_at = '', '1970-01-01T00:00:00.000Z', saved_at)
FROM was_kept;

DROP TABLE temp.came;
DROP TABLE temp.was_zeroed;
DROP TABLE temp.was_found;
DROP TABLE temp.was_kept;
DROP VIEW readings_in_ledger;
DROP TABLE strikes;
DROP TABLE readings;
DROP TABLE zeroings;
DROP TABLE checks;
DROP TABLE sweeps;
DROP TABLE patterns;
DROP TABLE alignments;
DROP TABLE datum_plans;
DROP TABLE cut_plans;
DROP TABLE tables;
DROP TABLE holdings;
DROP TABLE setups;
DROP TABLE machines;
DROP TABLE gauges;
DROP TABLE tools;
DROP TABLE parts;
ALTER TABLE setups_6 RENAME TO setups;
ALTER TABLE readings_6 RENAME TO readings;

CREATE INDEX readings_by_setup ON readings (setup_id, seq);
CREATE INDEX entries_by_setup ON entries (setup_id, seq);
CREATE INDEX documents_by_setup ON documents (setup_id, seq);
CREATE INDEX strikes_by_reading ON entries (body ->> 'readingId', seq) WHERE kind = 'strike';
-- Nobody opens an epoch that somebody else has opened.
CREATE UNIQUE INDEX epochs ON entries (setup_id, body ->> 'axis', body ->> '$.place.scale', body ->> 'opens')
  WHERE kind = 'zeroing' AND body ->> 'opens' IS NOT NULL;
-- One shop a database, and always the same.
CREATE UNIQUE INDEX shop_once ON shop ((1));

CREATE TRIGGER readings_keep BEFORE UPDATE ON readings BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER readings_stay BEFORE DELETE ON readings BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER readings_once BEFORE INSERT ON readings
  WHEN EXISTS (SELECT 1 FROM readings WHERE id = NEW.id) OR EXISTS (SELECT 1 FROM readings WHERE seq = NEW.seq)
  BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER entries_keep BEFORE UPDATE ON entries BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER entries_stay BEFORE DELETE ON entries BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER entries_once BEFORE INSERT ON entries
  WHEN EXISTS (SELECT 1 FROM entries WHERE id = NEW.id) OR EXISTS (SELECT 1 FROM entries WHERE seq = NEW.seq)
       OR (NEW.kind = 'zeroing' AND NEW.body ->> 'opens' IS NOT NULL AND EXISTS (
         SELECT 1 FROM entries WHERE kind = 'zeroing' AND setup_id = NEW.setup_id AND body ->> 'axis' = NEW.body ->> 'axis'
           AND body ->> '$.place.scale' = NEW.body ->> '$.place.scale' AND body ->> 'opens' = NEW.body ->> 'opens'))
  BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER shop_keep BEFORE UPDATE ON shop BEGIN SELECT RAISE(ABORT, 'a shop stays what it is'); END;
CREATE TRIGGER shop_stay BEFORE DELETE ON shop BEGIN SELECT RAISE(ABORT, 'a shop stays what it is'); END;
CREATE TRIGGER shop_first BEFORE INSERT ON shop WHEN EXISTS (SELECT 1 FROM shop)
  BEGIN SELECT RAISE(ABORT, 'a shop stays what it is'); END;
