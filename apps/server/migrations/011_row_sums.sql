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
CREATE TRIGGER row_sums_keep BEFORE UPDATE ON row_sums BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER row_sums_stay BEFORE DELETE ON row_sums BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
CREATE TRIGGER row_sums_once BEFORE INSERT ON row_sums WHEN EXISTS (SELECT 1 FROM row_sums WHERE seq = NEW.seq)
  BEGIN SELECT RAISE(ABORT, 'the ledger is append-only'); END;
