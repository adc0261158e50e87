-- The calls of movements as their instructor says them, for every class.
CREATE TABLE wording (
  movement_id TEXT NOT NULL,
  part TEXT NOT NULL CHECK (part IN ('entry', 'cycle', 'between', 'exit')),
  phase INTEGER NOT NULL CHECK (phase >= 0),
  was TEXT NOT NULL,
  call TEXT NOT NULL CHECK (length(call) > 0),
  changed_at TEXT NOT NULL,
  PRIMARY KEY (movement_id, part, phase)
) STRICT;
