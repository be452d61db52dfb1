-- What things are paid in, and the day a week starts with; neither is asked of anybody.
ALTER TABLE settings_version ADD COLUMN currency TEXT;
ALTER TABLE settings_version ADD COLUMN first_weekday INTEGER;
-- Books that were brought in have thousands of acts of one moment: the newest of them are found without sorting all.
DROP INDEX act_by_recorded;
CREATE INDEX act_by_recorded ON act (recorded_at_ms, seq);
