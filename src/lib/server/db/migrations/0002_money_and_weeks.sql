-- What things are paid in, and the day a week starts with; neither is asked of anybody.
ALTER TABLE settings_version ADD COLUMN currency TEXT;
ALTER TABLE settings_version ADD COLUMN first_weekday INTEGER;
