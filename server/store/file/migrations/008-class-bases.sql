-- A class of a course as it was drawn up: what its changes by hand are told from when it is drawn up again.
CREATE TABLE class_bases (
  session_id TEXT PRIMARY KEY REFERENCES sessions (id),
  document TEXT NOT NULL CHECK (json_valid(document))
) STRICT;

-- What a group knows besides what was taught here.
ALTER TABLE groups ADD COLUMN knows TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(knows));
