-- Kilns and tubs may be square, seen from above. The table is built anew, since its check names the shapes.
CREATE TABLE vessel_version_of_more_shapes (
	id INTEGER PRIMARY KEY,
	vessel_id INTEGER NOT NULL REFERENCES vessel (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	used_for TEXT NOT NULL CHECK (used_for IN ('open-kiln', 'trench', 'tub')),
	shape TEXT NOT NULL CHECK (shape IN ('round', 'square', 'trench')),
	rim_width_m REAL NOT NULL CHECK (rim_width_m > 0),
	floor_width_m REAL NOT NULL CHECK (floor_width_m > 0),
	rim_length_m REAL CHECK (rim_length_m > 0),
	floor_length_m REAL CHECK (floor_length_m > 0),
	depth_m REAL NOT NULL CHECK (depth_m > 0),
	empty_mass_kg REAL CHECK (empty_mass_kg > 0),
	CHECK ((shape = 'trench') = (rim_length_m IS NOT NULL AND floor_length_m IS NOT NULL))
) STRICT;
INSERT INTO vessel_version_of_more_shapes SELECT * FROM vessel_version;
DROP TABLE vessel_version;
ALTER TABLE vessel_version_of_more_shapes RENAME TO vessel_version;
CREATE INDEX vessel_version_by_vessel ON vessel_version (vessel_id);
CREATE TRIGGER vessel_version_no_update BEFORE UPDATE ON vessel_version BEGIN SELECT RAISE(ABORT, 'vessel_version is append-only'); END;
CREATE TRIGGER vessel_version_no_delete BEFORE DELETE ON vessel_version BEGIN SELECT RAISE(ABORT, 'vessel_version is append-only'); END;
