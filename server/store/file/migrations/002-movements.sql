-- The instructor's own movements and changed versions of those that came along. A version is never changed once written:
-- classes name it.
CREATE TABLE movements (
  base_id TEXT NOT NULL,
  version INTEGER NOT NULL CHECK (version >= 0),
  document TEXT NOT NULL CHECK (json_valid(document)),
  changed_at TEXT NOT NULL,
  PRIMARY KEY (base_id, version)
) STRICT;

CREATE TABLE withdrawn_movements (
  base_id TEXT PRIMARY KEY,
  withdrawn_at TEXT NOT NULL
) STRICT;
