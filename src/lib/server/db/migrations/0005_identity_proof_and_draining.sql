-- Every set of books has a name of its own, kept in it: backups go by it, wherever they lie.
CREATE TABLE books (
	one INTEGER PRIMARY KEY CHECK (one = 1),
	id TEXT NOT NULL CHECK (length(id) = 12)
) STRICT;
INSERT INTO books (one, id) VALUES (1, lower(hex(randomblob(6))));
CREATE TRIGGER books_no_update BEFORE UPDATE ON books BEGIN SELECT RAISE(ABORT, 'books is append-only'); END;
CREATE TRIGGER books_no_delete BEFORE DELETE ON books BEGIN SELECT RAISE(ABORT, 'books is append-only'); END;

-- Sunset and first daylight need both.
ALTER TABLE settings_version ADD COLUMN longitude_deg REAL CHECK (longitude_deg BETWEEN -180 AND 180);

-- A check may say how warm the air was, may be a notebook's word for a whole series, and may be of a
-- drained soak instead of the fire its char came from.
ALTER TABLE quench_check ADD COLUMN air_c REAL;
ALTER TABLE quench_check ADD COLUMN whole_series INTEGER NOT NULL DEFAULT 0 CHECK (whole_series IN (0, 1));
ALTER TABLE quench_check ADD COLUMN lot_id INTEGER REFERENCES lot (id);
CREATE INDEX quench_check_by_lot ON quench_check (lot_id) WHERE lot_id IS NOT NULL;

-- A sample weighed beside all of the char is a measure of its own.
ALTER TABLE burn_record ADD COLUMN sample_kg_per_l REAL CHECK (sample_kg_per_l > 0);

-- A soak that was drained and taken out of its tub.
CREATE TABLE drained (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id)
) STRICT;
CREATE INDEX drained_by_lot ON drained (lot_id);
CREATE TRIGGER drained_no_update BEFORE UPDATE ON drained BEGIN SELECT RAISE(ABORT, 'drained is append-only'); END;
CREATE TRIGGER drained_no_delete BEFORE DELETE ON drained BEGIN SELECT RAISE(ABORT, 'drained is append-only'); END;
CREATE INDEX charge_by_vessel ON charge (vessel_version_id) WHERE vessel_version_id IS NOT NULL;
CREATE INDEX burn_record_by_vessel ON burn_record (vessel_version_id, quenched_at_ms);
CREATE INDEX movement_by_bed_and_time ON movement (bed_id, happened_at_ms) WHERE bed_id IS NOT NULL;
CREATE INDEX char_lot_by_burn ON char_lot (burn_id);
