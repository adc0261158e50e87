-- How long the parts of a class really take with a group, as far as that was agreed to.
ALTER TABLE groups ADD COLUMN takes TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(takes));
