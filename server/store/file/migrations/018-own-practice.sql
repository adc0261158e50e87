-- What the instructor practises by themselves, with its tally.
CREATE TABLE own_practice (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL CHECK (json_valid(document))
) STRICT;
