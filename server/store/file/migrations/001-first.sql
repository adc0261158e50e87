CREATE TABLE groups (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  place TEXT NOT NULL,
  meets TEXT NOT NULL,
  about TEXT NOT NULL
) STRICT;

-- The class itself is one JSON document; what is searched or joined by is derived from it, never stored twice.
CREATE TABLE sessions (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL CHECK (json_valid(document)),
  group_id TEXT GENERATED ALWAYS AS (json_extract(document, '$.groupId')) STORED REFERENCES groups (id),
  date TEXT GENERATED ALWAYS AS (json_extract(document, '$.date')) VIRTUAL,
  starts_at TEXT GENERATED ALWAYS AS (json_extract(document, '$.startsAt')) VIRTUAL,
  revision INTEGER NOT NULL CHECK (revision >= 1),
  changed_at TEXT NOT NULL,
  deleted_at TEXT
) STRICT;
CREATE INDEX sessions_by_day ON sessions (date, starts_at);

CREATE TABLE class_logs (
  id TEXT PRIMARY KEY,
  session_id TEXT NOT NULL REFERENCES sessions (id),
  started_at TEXT NOT NULL,
  ended_at TEXT NOT NULL,
  plan TEXT NOT NULL CHECK (json_valid(plan)),
  attendance INTEGER CHECK (attendance >= 0),
  notes TEXT NOT NULL
) STRICT;
CREATE INDEX class_logs_by_start ON class_logs (started_at);

CREATE TABLE class_log_items (
  log_id TEXT NOT NULL REFERENCES class_logs (id) ON DELETE CASCADE,
  position INTEGER NOT NULL,
  item_id TEXT NOT NULL,
  title TEXT NOT NULL,
  section TEXT NOT NULL,
  planned_ms INTEGER NOT NULL,
  actual_ms INTEGER NOT NULL,
  planned_times INTEGER NOT NULL,
  done_times INTEGER NOT NULL,
  outcome TEXT NOT NULL,
  PRIMARY KEY (log_id, position)
) STRICT;
