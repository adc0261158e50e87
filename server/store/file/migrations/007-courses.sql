-- A course is one JSON document, as a class is; what is searched or joined by is derived from it.
CREATE TABLE courses (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL CHECK (json_valid(document)),
  group_id TEXT NOT NULL GENERATED ALWAYS AS (json_extract(document, '$.groupId')) STORED REFERENCES groups (id),
  first_day TEXT NOT NULL GENERATED ALWAYS AS (json_extract(document, '$.calendar.firstDay')) VIRTUAL,
  revision INTEGER NOT NULL CHECK (revision >= 1),
  changed_at TEXT NOT NULL,
  deleted_at TEXT
) STRICT;

-- The classes of a course, by its id.
ALTER TABLE sessions ADD COLUMN course_id TEXT GENERATED ALWAYS AS (json_extract(document, '$.course.id')) VIRTUAL;
CREATE INDEX sessions_by_course ON sessions (course_id);

-- What of a group's slot is not class, and when it meets; and a group may be put away.
ALTER TABLE groups ADD COLUMN doors TEXT NOT NULL DEFAULT '{"before":5,"after":5}' CHECK (json_valid(doors));
ALTER TABLE groups ADD COLUMN meetings TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(meetings));
ALTER TABLE groups ADD COLUMN put_away_at TEXT;
