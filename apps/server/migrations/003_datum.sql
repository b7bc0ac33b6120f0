-- Where the other axis stood at a touch that makes a line or a circle, and the cutter that touched.
ALTER TABLE readings ADD COLUMN across TEXT CHECK (across IS NULL OR json_valid(across));
ALTER TABLE readings ADD COLUMN tool INTEGER;

-- The scale that got a new zero; the machine's own where there is none.
ALTER TABLE zeroings ADD COLUMN scale TEXT;

-- The scale readings are taken on, the cutter that touches, and the part by caliper.
ALTER TABLE setups ADD COLUMN scale TEXT;
ALTER TABLE setups ADD COLUMN cutter INTEGER;
ALTER TABLE setups ADD COLUMN caliper TEXT CHECK (caliper IS NULL OR json_valid(caliper));

-- How the features of a set-up are found, its local datums and the skew it carries: read and written whole.
CREATE TABLE datum_plans (
  setup_id  TEXT PRIMARY KEY REFERENCES setups (id),
  body      TEXT NOT NULL CHECK (json_valid(body))
) STRICT, WITHOUT ROWID;

-- A view keeps the columns it was made with, so it is made again.
DROP VIEW readings_in_ledger;
CREATE VIEW readings_in_ledger AS
SELECT r.*,
       CASE WHEN s.action = 'strike' THEN s.id END     AS struck_by,
       CASE WHEN s.action = 'strike' THEN s.reason END AS struck_reason
FROM readings r
LEFT JOIN strikes s ON s.seq = (SELECT max(seq) FROM strikes WHERE reading_id = r.id);
