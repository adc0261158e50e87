-- Lists of classes are read from this alone, without opening any document.
CREATE INDEX sessions_listed ON sessions (deleted_at, date, starts_at, id, group_id, course_id, revision);
