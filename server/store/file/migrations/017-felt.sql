-- What was felt in a class that was recorded. What somebody said of themselves goes with them when they are forgotten.
CREATE TABLE felt (
  log_id TEXT NOT NULL REFERENCES class_logs (id) ON DELETE CASCADE,
  id TEXT NOT NULL,
  document TEXT NOT NULL CHECK (json_valid(document)),
  person_id TEXT GENERATED ALWAYS AS (json_extract(document, '$.personId')) STORED REFERENCES people (id) ON DELETE CASCADE,
  PRIMARY KEY (log_id, id)
) STRICT;
CREATE INDEX felt_by_person ON felt (person_id);
