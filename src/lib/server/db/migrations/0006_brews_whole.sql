-- What is found of a brew or said of it: its water and place when it was set going, a lid that leaks, a doubt, its salt.
CREATE TABLE brew_reading (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	kind TEXT NOT NULL,
	found_json TEXT NOT NULL CHECK (json_valid(found_json))
) STRICT, WITHOUT ROWID;
CREATE INDEX brew_reading_by_lot ON brew_reading (lot_id);
CREATE TRIGGER brew_reading_no_update BEFORE UPDATE ON brew_reading BEGIN SELECT RAISE(ABORT, 'brew_reading is append-only'); END;
CREATE TRIGGER brew_reading_no_delete BEFORE DELETE ON brew_reading BEGIN SELECT RAISE(ABORT, 'brew_reading is append-only'); END;

-- On the ground or on leaves.
ALTER TABLE dilution ADD COLUMN onto TEXT NOT NULL DEFAULT 'soil';

-- A programme of waterings, as it was set; the newest of a name stands, and one that has ended has no more rounds.
CREATE TABLE programme (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	name TEXT NOT NULL,
	set_json TEXT NOT NULL CHECK (json_valid(set_json)),
	ended INTEGER NOT NULL CHECK (ended IN (0, 1))
) STRICT, WITHOUT ROWID;
CREATE TRIGGER programme_no_update BEFORE UPDATE ON programme BEGIN SELECT RAISE(ABORT, 'programme is append-only'); END;
CREATE TRIGGER programme_no_delete BEFORE DELETE ON programme BEGIN SELECT RAISE(ABORT, 'programme is append-only'); END;

-- A watering that was a stop of a programme's round, by the local day it was due.
CREATE TABLE programme_stop (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	programme TEXT NOT NULL,
	due TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX programme_stop_by_name ON programme_stop (programme, due);
CREATE TRIGGER programme_stop_no_update BEFORE UPDATE ON programme_stop BEGIN SELECT RAISE(ABORT, 'programme_stop is append-only'); END;
CREATE TRIGGER programme_stop_no_delete BEFORE DELETE ON programme_stop BEGIN SELECT RAISE(ABORT, 'programme_stop is append-only'); END;
