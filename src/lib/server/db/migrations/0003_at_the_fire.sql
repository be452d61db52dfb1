-- A fire that was lit, from a plan or straight away: its vessel as it was then, and what was said of its wood.
CREATE TABLE burn_lit (
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	vessel_version_id INTEGER NOT NULL REFERENCES vessel_version (id),
	lit_at_ms INTEGER NOT NULL,
	wood_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(wood_json))
) STRICT;
CREATE INDEX burn_lit_by_burn ON burn_lit (burn_id);
CREATE INDEX burn_lit_by_vessel ON burn_lit (vessel_version_id, lit_at_ms);

-- A fire that was quenched is walked around before its char is measured: no lot is there yet.
CREATE TABLE quench_check_anew (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	lot_id INTEGER REFERENCES lot (id),
	drained INTEGER NOT NULL CHECK (drained IN (0, 1)),
	places_json TEXT NOT NULL CHECK (json_valid(places_json)),
	smoke INTEGER NOT NULL CHECK (smoke IN (0, 1)),
	white_spots INTEGER NOT NULL CHECK (white_spots IN (0, 1)),
	air_c REAL,
	whole_series INTEGER NOT NULL DEFAULT 0 CHECK (whole_series IN (0, 1))
) STRICT;
INSERT INTO quench_check_anew (id, act_id, burn_id, lot_id, drained, places_json, smoke, white_spots, air_c, whole_series)
	SELECT id, act_id, burn_id, lot_id, drained, places_json, smoke, white_spots, air_c, whole_series FROM quench_check;
DROP TABLE quench_check;
ALTER TABLE quench_check_anew RENAME TO quench_check;
CREATE INDEX quench_check_by_burn ON quench_check (burn_id);
CREATE INDEX quench_check_by_lot ON quench_check (lot_id);
