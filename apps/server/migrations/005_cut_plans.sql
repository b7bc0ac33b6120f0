-- How the cutting of a set-up is planned: order of holes, bores and their fits, facing. Read and written whole.
CREATE TABLE cut_plans (
  setup_id  TEXT PRIMARY KEY REFERENCES setups (id),
  body      TEXT NOT NULL CHECK (json_valid(body))
) STRICT, WITHOUT ROWID;
