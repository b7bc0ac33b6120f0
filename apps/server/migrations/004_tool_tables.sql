-- Tool lengths a machine's controller was given, kept under the machine's id.
CREATE TABLE tables (id TEXT PRIMARY KEY REFERENCES machines (id), body TEXT NOT NULL CHECK (json_valid(body))) STRICT, WITHOUT ROWID;
