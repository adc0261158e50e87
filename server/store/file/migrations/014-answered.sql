-- Of what a class left open, the lines that were answered since.
ALTER TABLE class_logs ADD COLUMN answered TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(answered));
