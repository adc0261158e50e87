-- How much may be asked of a group, and what an instructor never wants to be told again.
ALTER TABLE groups ADD COLUMN strength TEXT NOT NULL DEFAULT 'steady' CHECK (strength IN ('gentle', 'steady', 'strong'));
ALTER TABLE groups ADD COLUMN pace_least REAL NOT NULL DEFAULT 3;
ALTER TABLE groups ADD COLUMN pace_most REAL NOT NULL DEFAULT 10 CHECK (pace_most > pace_least);

CREATE TABLE aside_rules (
  code TEXT NOT NULL,
  movement TEXT NOT NULL,
  reason TEXT NOT NULL,
  set_at TEXT NOT NULL,
  PRIMARY KEY (code, movement)
) STRICT;
