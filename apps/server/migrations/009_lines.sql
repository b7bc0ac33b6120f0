-- Entries of one device come in one line, numbered as they were logged. The latest number that was settled: stored, or
-- refused and told so.
CREATE TABLE lines (
  id      TEXT PRIMARY KEY,
  settled INTEGER NOT NULL
) STRICT;
