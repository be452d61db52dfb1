-- What is built onto a vessel; what people note of a fire beside its measures, and where its wood was known from.
ALTER TABLE vessel_version ADD COLUMN fittings_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(fittings_json));
ALTER TABLE burn_record ADD COLUMN told_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(told_json));
-- 'stacks': taken from the yard; 'weighed': weighed as it went in; 'reckoned': estimated back from the char.
ALTER TABLE burn_record ADD COLUMN wood_from TEXT NOT NULL DEFAULT 'stacks';

-- Bundles of which one was weighed; wood that died on its stem; walnut, which some crops cannot bear.
ALTER TABLE stack ADD COLUMN sample_json TEXT CHECK (json_valid(sample_json));
ALTER TABLE stack ADD COLUMN standing_dead INTEGER NOT NULL DEFAULT 0;
ALTER TABLE stack ADD COLUMN walnut INTEGER NOT NULL DEFAULT 0;
-- How a stack is kept from the weather, from one act on.
CREATE TABLE stack_cover (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	cover TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX stack_cover_by_lot ON stack_cover (lot_id);
CREATE TRIGGER stack_cover_no_update BEFORE UPDATE ON stack_cover BEGIN SELECT RAISE(ABORT, 'stack_cover is append-only'); END;
CREATE TRIGGER stack_cover_no_delete BEFORE DELETE ON stack_cover BEGIN SELECT RAISE(ABORT, 'stack_cover is append-only'); END;

-- What became of a vessel: built, changed, failed, mended.
CREATE TABLE kit_event (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	vessel_id INTEGER NOT NULL REFERENCES vessel (id),
	what TEXT NOT NULL,
	words TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX kit_event_by_vessel ON kit_event (vessel_id);
CREATE TRIGGER kit_event_no_update BEFORE UPDATE ON kit_event BEGIN SELECT RAISE(ABORT, 'kit_event is append-only'); END;
CREATE TRIGGER kit_event_no_delete BEFORE DELETE ON kit_event BEGIN SELECT RAISE(ABORT, 'kit_event is append-only'); END;

-- A day on which several vessels are burnt in turn: its timetable as it was set down.
CREATE TABLE burn_day (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	starts_at_ms INTEGER NOT NULL,
	timetable_json TEXT NOT NULL CHECK (json_valid(timetable_json))
) STRICT, WITHOUT ROWID;
CREATE INDEX burn_day_by_start ON burn_day (starts_at_ms);
CREATE TRIGGER burn_day_no_update BEFORE UPDATE ON burn_day BEGIN SELECT RAISE(ABORT, 'burn_day is append-only'); END;
CREATE TRIGGER burn_day_no_delete BEFORE DELETE ON burn_day BEGIN SELECT RAISE(ABORT, 'burn_day is append-only'); END;

-- Water that a quench took, where it was noted after its fire; the newest stands.
CREATE TABLE quench_water (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	litres REAL NOT NULL CHECK (litres >= 0),
	-- What the hose gives a minute, where it was so many minutes of it.
	hose_l_min REAL CHECK (hose_l_min > 0)
) STRICT;
CREATE INDEX quench_water_by_burn ON quench_water (burn_id);
CREATE TRIGGER quench_water_no_update BEFORE UPDATE ON quench_water BEGIN SELECT RAISE(ABORT, 'quench_water is append-only'); END;
CREATE TRIGGER quench_water_no_delete BEFORE DELETE ON quench_water BEGIN SELECT RAISE(ABORT, 'quench_water is append-only'); END;
