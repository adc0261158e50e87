-- Rows of lines kept by name, to be put into other classes.
CREATE TABLE passages (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL CHECK (json_valid(document)),
  version INTEGER NOT NULL CHECK (version >= 1),
  changed_at TEXT NOT NULL
) STRICT;
