-- When and in which line a class was stopped, for the page that is filled in by hand.
ALTER TABLE class_logs ADD COLUMN stops TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(stops));
