-- How a group is taught where schools disagree; what is not said is as usual.
ALTER TABLE groups ADD COLUMN schools TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(schools));
