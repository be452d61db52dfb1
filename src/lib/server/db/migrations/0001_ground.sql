-- Acts: everything a person does, append-only. An act id is made by the form, so that the same
-- act sent twice is one act.
CREATE TABLE act (
	id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 8 AND 64),
	seq INTEGER NOT NULL UNIQUE,
	verb TEXT NOT NULL,
	happened_at_ms INTEGER NOT NULL,
	recorded_at_ms INTEGER NOT NULL,
	person TEXT NOT NULL CHECK (length(person) BETWEEN 1 AND 60),
	note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 2000),
	-- What the person typed, field by field, and what it was resolved to in SI.
	typed_json TEXT NOT NULL CHECK (json_valid(typed_json)),
	resolved_json TEXT NOT NULL CHECK (json_valid(resolved_json)),
	result_path TEXT NOT NULL,
	reverses_id TEXT UNIQUE REFERENCES act (id)
) STRICT;
CREATE INDEX act_by_recorded ON act (recorded_at_ms);
CREATE VIEW standing_act AS
	SELECT a.* FROM act a
	-- The plus keeps the planner from starting at the index of reversals: nearly every act has none.
	WHERE +a.reverses_id IS NULL AND NOT EXISTS (SELECT 1 FROM act r WHERE r.reverses_id = a.id);

CREATE TABLE lot (
	id INTEGER PRIMARY KEY,
	code TEXT NOT NULL UNIQUE,
	kind TEXT NOT NULL CHECK (kind IN ('stack', 'char', 'charge', 'partner')),
	name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
	act_id TEXT NOT NULL REFERENCES act (id)
) STRICT;
CREATE INDEX lot_by_act ON lot (act_id);
CREATE INDEX lot_by_number ON lot (kind, CAST(substr(code, 2) AS INTEGER));

CREATE TABLE measure (id INTEGER PRIMARY KEY, name TEXT NOT NULL COLLATE NOCASE UNIQUE) STRICT;
CREATE TABLE measure_version (
	id INTEGER PRIMARY KEY,
	measure_id INTEGER NOT NULL REFERENCES measure (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	volume_l REAL NOT NULL CHECK (volume_l > 0 AND volume_l <= 10000)
) STRICT;

CREATE TABLE vessel (id INTEGER PRIMARY KEY, name TEXT NOT NULL COLLATE NOCASE UNIQUE) STRICT;
CREATE TABLE vessel_version (
	id INTEGER PRIMARY KEY,
	vessel_id INTEGER NOT NULL REFERENCES vessel (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	used_for TEXT NOT NULL CHECK (used_for IN ('open-kiln', 'trench', 'tub')),
	shape TEXT NOT NULL CHECK (shape IN ('round', 'trench')),
	rim_width_m REAL NOT NULL CHECK (rim_width_m > 0),
	floor_width_m REAL NOT NULL CHECK (floor_width_m > 0),
	rim_length_m REAL CHECK (rim_length_m > 0),
	floor_length_m REAL CHECK (floor_length_m > 0),
	depth_m REAL NOT NULL CHECK (depth_m > 0),
	empty_mass_kg REAL CHECK (empty_mass_kg > 0),
	CHECK ((shape = 'trench') = (rim_length_m IS NOT NULL AND floor_length_m IS NOT NULL))
) STRICT;
CREATE INDEX vessel_version_by_vessel ON vessel_version (vessel_id);

CREATE TABLE bed (id INTEGER PRIMARY KEY, name TEXT NOT NULL COLLATE NOCASE UNIQUE) STRICT;
CREATE TABLE bed_version (
	id INTEGER PRIMARY KEY,
	bed_id INTEGER NOT NULL REFERENCES bed (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	length_m REAL NOT NULL CHECK (length_m > 0),
	width_m REAL NOT NULL CHECK (width_m > 0),
	depth_m REAL NOT NULL CHECK (depth_m > 0),
	texture TEXT NOT NULL CHECK (texture IN ('sand', 'sandy-silt', 'loam', 'clay-loam', 'clay')),
	drainage TEXT NOT NULL CHECK (drainage IN ('dries-out', 'even', 'stays-wet')),
	ph REAL CHECK (ph BETWEEN 3 AND 10),
	acid_lover INTEGER NOT NULL CHECK (acid_lover IN (0, 1)),
	eaten_raw INTEGER NOT NULL CHECK (eaten_raw IN (0, 1)),
	crop TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX bed_version_by_bed ON bed_version (bed_id);

-- The ledger. A movement stands at a lot, at a bed, or at a named account outside them.
-- Within an act the grams of each account sum to nought.
CREATE TABLE movement (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER REFERENCES lot (id),
	bed_id INTEGER REFERENCES bed (id),
	account TEXT CHECK (account IN ('gathered', 'gas-and-ash', 'in-the-mix', 'counted', 'disposed')),
	volume_ml INTEGER NOT NULL,
	dry_g INTEGER NOT NULL,
	happened_at_ms INTEGER NOT NULL,
	recorded_at_ms INTEGER NOT NULL,
	person TEXT NOT NULL,
	CHECK ((lot_id IS NOT NULL) + (bed_id IS NOT NULL) + (account IS NOT NULL) = 1)
) STRICT;
CREATE INDEX movement_by_lot ON movement (lot_id) WHERE lot_id IS NOT NULL;
CREATE INDEX movement_by_bed ON movement (bed_id) WHERE bed_id IS NOT NULL;
CREATE INDEX movement_by_act ON movement (act_id);

-- What went from a lot into another lot or a bed, in acts that stand. A partner brought in and used
-- up within one act gave to it and took nothing from it.
CREATE VIEW flow AS
	SELECT a.id AS act_id, a.verb, a.happened_at_ms, p.lot_id AS from_lot_id, c.lot_id AS to_lot_id, c.bed_id AS to_bed_id
	FROM standing_act a
	JOIN movement p ON p.act_id = a.id AND p.lot_id IS NOT NULL AND p.volume_ml + p.dry_g < 0
	JOIN movement c ON c.act_id = a.id AND c.volume_ml + c.dry_g > 0 AND (c.lot_id IS NOT NULL OR c.bed_id IS NOT NULL)
	WHERE NOT EXISTS (SELECT 1 FROM movement t WHERE t.act_id = a.id AND t.lot_id = c.lot_id AND t.volume_ml + t.dry_g < 0);

CREATE TABLE balance (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	volume_ml INTEGER NOT NULL CHECK (volume_ml >= 0),
	dry_g INTEGER NOT NULL CHECK (dry_g >= 0)
) STRICT;
CREATE INDEX balance_in_stock ON balance (lot_id) WHERE volume_ml > 0;
CREATE TRIGGER movement_keeps_balance AFTER INSERT ON movement WHEN new.lot_id IS NOT NULL
BEGIN
	INSERT INTO balance (lot_id, volume_ml, dry_g) VALUES (new.lot_id, 0, 0) ON CONFLICT (lot_id) DO NOTHING;
	UPDATE balance SET volume_ml = volume_ml + new.volume_ml, dry_g = dry_g + new.dry_g WHERE lot_id = new.lot_id;
END;

CREATE TABLE stack (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	form TEXT NOT NULL,
	wood TEXT NOT NULL,
	seasoned INTEGER NOT NULL CHECK (seasoned IN (0, 1)),
	outline TEXT,
	length_m REAL, width_m REAL, height_m REAL,
	filled_l REAL,
	filled_as TEXT,
	suspicion TEXT NOT NULL,
	is_brands INTEGER NOT NULL CHECK (is_brands IN (0, 1)),
	dry_kg REAL NOT NULL, dry_low_kg REAL NOT NULL, dry_high_kg REAL NOT NULL
) STRICT;

CREATE TABLE moisture_reading (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	method TEXT NOT NULL CHECK (method IN ('pin', 'oven')),
	pieces_json TEXT NOT NULL CHECK (json_valid(pieces_json))
) STRICT;
CREATE INDEX moisture_reading_by_lot ON moisture_reading (lot_id);

CREATE TABLE quarantine (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	held INTEGER NOT NULL CHECK (held IN (0, 1)),
	reason TEXT NOT NULL CHECK (length(reason) > 0)
) STRICT;
CREATE INDEX quarantine_by_lot ON quarantine (lot_id);

CREATE TABLE burn (id INTEGER PRIMARY KEY, code TEXT NOT NULL UNIQUE, act_id TEXT NOT NULL REFERENCES act (id)) STRICT;
CREATE INDEX burn_by_number ON burn (CAST(substr(code, 2) AS INTEGER));
CREATE TABLE burn_plan (
	burn_id INTEGER PRIMARY KEY REFERENCES burn (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	vessel_version_id INTEGER NOT NULL REFERENCES vessel_version (id),
	planned_for_ms INTEGER NOT NULL,
	loads_json TEXT NOT NULL CHECK (json_valid(loads_json)),
	forecast_json TEXT NOT NULL CHECK (json_valid(forecast_json))
) STRICT;
CREATE TABLE burn_record (
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	vessel_version_id INTEGER NOT NULL REFERENCES vessel_version (id),
	way TEXT NOT NULL CHECK (way IN ('open-kiln', 'trench')),
	quenched_at_ms INTEGER NOT NULL,
	char_lot_id INTEGER NOT NULL REFERENCES lot (id),
	brands_lot_id INTEGER REFERENCES lot (id),
	wood_kg REAL NOT NULL, wood_low_kg REAL NOT NULL, wood_high_kg REAL NOT NULL,
	fill_depth_m REAL,
	water_l REAL CHECK (water_l >= 0),
	smoke_min REAL CHECK (smoke_min >= 0),
	odd_reason TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX burn_record_by_burn ON burn_record (burn_id);
CREATE INDEX burn_record_by_quench ON burn_record (quenched_at_ms);
CREATE INDEX burn_record_by_char ON burn_record (char_lot_id);

CREATE TABLE quench_check (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	places_json TEXT NOT NULL CHECK (json_valid(places_json)),
	smoke INTEGER NOT NULL CHECK (smoke IN (0, 1)),
	white_spots INTEGER NOT NULL CHECK (white_spots IN (0, 1))
) STRICT;
CREATE INDEX quench_check_by_burn ON quench_check (burn_id);
CREATE INDEX quench_check_by_act ON quench_check (act_id);

CREATE TABLE char_lot (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	state TEXT NOT NULL CHECK (state IN ('whole', 'crushed')),
	wood TEXT NOT NULL,
	wetness TEXT NOT NULL CHECK (wetness IN ('dry', 'drained', 'quench-wet')),
	density_kg_per_l REAL NOT NULL, density_low_kg_per_l REAL NOT NULL, density_high_kg_per_l REAL NOT NULL,
	density_from_json TEXT NOT NULL CHECK (json_valid(density_from_json))
) STRICT;

CREATE TABLE partner_lot (lot_id INTEGER PRIMARY KEY REFERENCES lot (id), partner TEXT NOT NULL) STRICT;

CREATE TABLE charge (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	school TEXT NOT NULL CHECK (school IN ('compost-rest', 'nitrogen-soak')),
	partner TEXT NOT NULL,
	vessel_version_id INTEGER REFERENCES vessel_version (id),
	char_l REAL NOT NULL, partner_l REAL NOT NULL, water_l REAL NOT NULL,
	temperature_c REAL NOT NULL,
	mix_l REAL NOT NULL,
	char_share REAL NOT NULL, char_share_low REAL NOT NULL, char_share_high REAL NOT NULL,
	density_kg_per_l REAL NOT NULL, density_low_kg_per_l REAL NOT NULL, density_high_kg_per_l REAL NOT NULL,
	mineral_n_g_per_kg REAL NOT NULL, mineral_n_low_g_per_kg REAL NOT NULL, mineral_n_high_g_per_kg REAL NOT NULL,
	total_n_g REAL NOT NULL
) STRICT;

CREATE TABLE ready_test (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	passed INTEGER NOT NULL CHECK (passed IN (0, 1)),
	germination_index REAL
) STRICT;
CREATE INDEX ready_test_by_lot ON ready_test (lot_id);

CREATE TABLE spread (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	bed_id INTEGER NOT NULL REFERENCES bed (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	char_l REAL NOT NULL CHECK (char_l > 0),
	density_kg_per_l REAL NOT NULL,
	reason TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX spread_by_bed ON spread (bed_id);

CREATE TABLE settings_version (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	place TEXT NOT NULL,
	latitude_deg REAL CHECK (latitude_deg BETWEEN -90 AND 90),
	time_zone TEXT NOT NULL,
	system TEXT CHECK (system IN ('metric', 'us')),
	people_json TEXT NOT NULL CHECK (json_valid(people_json))
) STRICT;

-- Append-only: nothing that was written is changed or removed; a mistake is reversed by an act.
CREATE TRIGGER act_no_update BEFORE UPDATE ON act BEGIN SELECT RAISE(ABORT, 'act is append-only'); END;
CREATE TRIGGER act_no_delete BEFORE DELETE ON act BEGIN SELECT RAISE(ABORT, 'act is append-only'); END;
CREATE TRIGGER lot_no_update BEFORE UPDATE ON lot BEGIN SELECT RAISE(ABORT, 'lot is append-only'); END;
CREATE TRIGGER lot_no_delete BEFORE DELETE ON lot BEGIN SELECT RAISE(ABORT, 'lot is append-only'); END;
CREATE TRIGGER measure_no_update BEFORE UPDATE ON measure BEGIN SELECT RAISE(ABORT, 'measure is append-only'); END;
CREATE TRIGGER measure_no_delete BEFORE DELETE ON measure BEGIN SELECT RAISE(ABORT, 'measure is append-only'); END;
CREATE TRIGGER measure_version_no_update BEFORE UPDATE ON measure_version BEGIN SELECT RAISE(ABORT, 'measure_version is append-only'); END;
CREATE TRIGGER measure_version_no_delete BEFORE DELETE ON measure_version BEGIN SELECT RAISE(ABORT, 'measure_version is append-only'); END;
CREATE TRIGGER vessel_no_update BEFORE UPDATE ON vessel BEGIN SELECT RAISE(ABORT, 'vessel is append-only'); END;
CREATE TRIGGER vessel_no_delete BEFORE DELETE ON vessel BEGIN SELECT RAISE(ABORT, 'vessel is append-only'); END;
CREATE TRIGGER vessel_version_no_update BEFORE UPDATE ON vessel_version BEGIN SELECT RAISE(ABORT, 'vessel_version is append-only'); END;
CREATE TRIGGER vessel_version_no_delete BEFORE DELETE ON vessel_version BEGIN SELECT RAISE(ABORT, 'vessel_version is append-only'); END;
CREATE TRIGGER bed_no_update BEFORE UPDATE ON bed BEGIN SELECT RAISE(ABORT, 'bed is append-only'); END;
CREATE TRIGGER bed_no_delete BEFORE DELETE ON bed BEGIN SELECT RAISE(ABORT, 'bed is append-only'); END;
CREATE TRIGGER bed_version_no_update BEFORE UPDATE ON bed_version BEGIN SELECT RAISE(ABORT, 'bed_version is append-only'); END;
CREATE TRIGGER bed_version_no_delete BEFORE DELETE ON bed_version BEGIN SELECT RAISE(ABORT, 'bed_version is append-only'); END;
CREATE TRIGGER movement_no_update BEFORE UPDATE ON movement BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;
CREATE TRIGGER movement_no_delete BEFORE DELETE ON movement BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;
CREATE TRIGGER stack_no_update BEFORE UPDATE ON stack BEGIN SELECT RAISE(ABORT, 'stack is append-only'); END;
CREATE TRIGGER stack_no_delete BEFORE DELETE ON stack BEGIN SELECT RAISE(ABORT, 'stack is append-only'); END;
CREATE TRIGGER moisture_reading_no_update BEFORE UPDATE ON moisture_reading BEGIN SELECT RAISE(ABORT, 'moisture_reading is append-only'); END;
CREATE TRIGGER moisture_reading_no_delete BEFORE DELETE ON moisture_reading BEGIN SELECT RAISE(ABORT, 'moisture_reading is append-only'); END;
CREATE TRIGGER quarantine_no_update BEFORE UPDATE ON quarantine BEGIN SELECT RAISE(ABORT, 'quarantine is append-only'); END;
CREATE TRIGGER quarantine_no_delete BEFORE DELETE ON quarantine BEGIN SELECT RAISE(ABORT, 'quarantine is append-only'); END;
CREATE TRIGGER burn_no_update BEFORE UPDATE ON burn BEGIN SELECT RAISE(ABORT, 'burn is append-only'); END;
CREATE TRIGGER burn_no_delete BEFORE DELETE ON burn BEGIN SELECT RAISE(ABORT, 'burn is append-only'); END;
CREATE TRIGGER burn_plan_no_update BEFORE UPDATE ON burn_plan BEGIN SELECT RAISE(ABORT, 'burn_plan is append-only'); END;
CREATE TRIGGER burn_plan_no_delete BEFORE DELETE ON burn_plan BEGIN SELECT RAISE(ABORT, 'burn_plan is append-only'); END;
CREATE TRIGGER burn_record_no_update BEFORE UPDATE ON burn_record BEGIN SELECT RAISE(ABORT, 'burn_record is append-only'); END;
CREATE TRIGGER burn_record_no_delete BEFORE DELETE ON burn_record BEGIN SELECT RAISE(ABORT, 'burn_record is append-only'); END;
CREATE TRIGGER quench_check_no_update BEFORE UPDATE ON quench_check BEGIN SELECT RAISE(ABORT, 'quench_check is append-only'); END;
CREATE TRIGGER quench_check_no_delete BEFORE DELETE ON quench_check BEGIN SELECT RAISE(ABORT, 'quench_check is append-only'); END;
CREATE TRIGGER char_lot_no_update BEFORE UPDATE ON char_lot BEGIN SELECT RAISE(ABORT, 'char_lot is append-only'); END;
CREATE TRIGGER char_lot_no_delete BEFORE DELETE ON char_lot BEGIN SELECT RAISE(ABORT, 'char_lot is append-only'); END;
CREATE TRIGGER partner_lot_no_update BEFORE UPDATE ON partner_lot BEGIN SELECT RAISE(ABORT, 'partner_lot is append-only'); END;
CREATE TRIGGER partner_lot_no_delete BEFORE DELETE ON partner_lot BEGIN SELECT RAISE(ABORT, 'partner_lot is append-only'); END;
CREATE TRIGGER charge_no_update BEFORE UPDATE ON charge BEGIN SELECT RAISE(ABORT, 'charge is append-only'); END;
CREATE TRIGGER charge_no_delete BEFORE DELETE ON charge BEGIN SELECT RAISE(ABORT, 'charge is append-only'); END;
CREATE TRIGGER ready_test_no_update BEFORE UPDATE ON ready_test BEGIN SELECT RAISE(ABORT, 'ready_test is append-only'); END;
CREATE TRIGGER ready_test_no_delete BEFORE DELETE ON ready_test BEGIN SELECT RAISE(ABORT, 'ready_test is append-only'); END;
CREATE TRIGGER spread_no_update BEFORE UPDATE ON spread BEGIN SELECT RAISE(ABORT, 'spread is append-only'); END;
CREATE TRIGGER spread_no_delete BEFORE DELETE ON spread BEGIN SELECT RAISE(ABORT, 'spread is append-only'); END;
CREATE TRIGGER settings_version_no_update BEFORE UPDATE ON settings_version BEGIN SELECT RAISE(ABORT, 'settings_version is append-only'); END;
CREATE TRIGGER settings_version_no_delete BEFORE DELETE ON settings_version BEGIN SELECT RAISE(ABORT, 'settings_version is append-only'); END;
