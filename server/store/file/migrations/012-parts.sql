-- How long each part of a line took, and whether a person ended it.
ALTER TABLE class_log_items ADD COLUMN parts TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(parts));
