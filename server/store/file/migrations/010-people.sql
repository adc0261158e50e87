-- Who comes to a group, by what they are called; and who was in a class that was recorded.
CREATE TABLE people (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL CHECK (json_valid(document)),
  group_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(document, '$.groupId')) STORED REFERENCES groups (id)
) STRICT;
CREATE INDEX people_by_group ON people (group_id);

CREATE TABLE attendance (
  log_id TEXT NOT NULL REFERENCES class_logs (id) ON DELETE CASCADE,
  person_id TEXT NOT NULL REFERENCES people (id) ON DELETE CASCADE,
  PRIMARY KEY (log_id, person_id)
) STRICT;
