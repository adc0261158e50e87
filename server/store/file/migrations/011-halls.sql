-- Where groups meet: a hall is one JSON document. And where a group's papers are kept.
CREATE TABLE halls (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL CHECK (json_valid(document)),
  name TEXT NOT NULL GENERATED ALWAYS AS (json_extract(document, '$.name')) VIRTUAL
) STRICT;
ALTER TABLE groups ADD COLUMN hall_id TEXT REFERENCES halls (id) ON DELETE SET NULL;
ALTER TABLE groups ADD COLUMN papers TEXT NOT NULL DEFAULT '';
