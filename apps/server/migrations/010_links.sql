-- Where the readout or the control of a machine is found. Of this server alone: how it is wired is no part of the record.
CREATE TABLE links (
  machine_id TEXT PRIMARY KEY,
  address    TEXT NOT NULL CHECK (json_valid(address))
) STRICT;
