-- Of what was changed in a class and offered to another group, the lines that were let go, and for which class.
ALTER TABLE class_logs ADD COLUMN let_go TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(let_go));
