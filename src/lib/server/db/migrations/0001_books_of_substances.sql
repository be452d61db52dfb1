-- Every set of books has a name of its own, kept in it: backups go by it, wherever they lie.
CREATE TABLE books (
	one INTEGER PRIMARY KEY CHECK (one = 1),
	id TEXT NOT NULL CHECK (length(id) = 12)
) STRICT;
INSERT INTO books (one, id) VALUES (1, lower(hex(randomblob(6))));

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

-- The program's own tables (core/ledger/data) say which accounts and substances there are; they are
-- written here when the books are opened, so that a new one wants no new step.
CREATE TABLE account (name TEXT PRIMARY KEY) STRICT;
CREATE TABLE substance (name TEXT PRIMARY KEY) STRICT;

CREATE TABLE lot (
	id INTEGER PRIMARY KEY,
	code TEXT NOT NULL UNIQUE,
	kind TEXT NOT NULL,
	name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
	act_id TEXT NOT NULL REFERENCES act (id)
) STRICT;
CREATE INDEX lot_by_act ON lot (act_id);
CREATE INDEX lot_by_number ON lot (kind, CAST(substr(code, 2) AS INTEGER));

CREATE TABLE measure (
	id INTEGER PRIMARY KEY,
	name TEXT NOT NULL COLLATE NOCASE UNIQUE
) STRICT;
CREATE TABLE measure_version (
	id INTEGER PRIMARY KEY,
	measure_id INTEGER NOT NULL REFERENCES measure (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	volume_l REAL NOT NULL CHECK (volume_l > 0 AND volume_l <= 10000)
) STRICT;

-- A vessel or bed is one thing however often it is measured. Where its first measuring was undone, a
-- new one may go by the same name.
CREATE TABLE vessel (
	id INTEGER PRIMARY KEY,
	name TEXT NOT NULL COLLATE NOCASE,
	act_id TEXT NOT NULL REFERENCES act (id)
) STRICT;
CREATE INDEX vessel_by_name ON vessel (name);
CREATE TABLE vessel_version (
	id INTEGER PRIMARY KEY,
	vessel_id INTEGER NOT NULL REFERENCES vessel (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	used_for TEXT NOT NULL,
	shape TEXT NOT NULL,
	rim_width_m REAL NOT NULL CHECK (rim_width_m > 0),
	floor_width_m REAL NOT NULL CHECK (floor_width_m > 0),
	rim_length_m REAL CHECK (rim_length_m > 0),
	floor_length_m REAL CHECK (floor_length_m > 0),
	depth_m REAL NOT NULL CHECK (depth_m > 0),
	empty_mass_kg REAL CHECK (empty_mass_kg > 0),
	CHECK ((rim_length_m IS NULL) = (floor_length_m IS NULL))
) STRICT;
CREATE INDEX vessel_version_by_vessel ON vessel_version (vessel_id);

-- A bed is an area, a group of pots, or a tree: so many of one size, so deep.
CREATE TABLE bed (
	id INTEGER PRIMARY KEY,
	name TEXT NOT NULL COLLATE NOCASE,
	act_id TEXT NOT NULL REFERENCES act (id)
) STRICT;
CREATE INDEX bed_by_name ON bed (name);
CREATE TABLE bed_version (
	id INTEGER PRIMARY KEY,
	bed_id INTEGER NOT NULL REFERENCES bed (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	target TEXT NOT NULL,
	-- Of an area its two sides; of pots and trees how wide one is, from above.
	length_m REAL NOT NULL CHECK (length_m > 0),
	width_m REAL NOT NULL CHECK (width_m > 0),
	depth_m REAL NOT NULL CHECK (depth_m > 0),
	pieces INTEGER NOT NULL CHECK (pieces > 0),
	texture TEXT NOT NULL,
	drainage TEXT NOT NULL,
	humus TEXT NOT NULL,
	crop_kind TEXT NOT NULL,
	ph REAL CHECK (ph BETWEEN 3 AND 10),
	acid_lover INTEGER NOT NULL CHECK (acid_lover IN (0, 1)),
	eaten_raw INTEGER NOT NULL CHECK (eaten_raw IN (0, 1)),
	crop TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX bed_version_by_bed ON bed_version (bed_id);

-- The ledger. A movement stands at a lot, at a bed, or at a named account outside them; it goes in or
-- out, and carries litres and grams as it lies. What it is made of stands in content.
CREATE TABLE movement (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER REFERENCES lot (id),
	bed_id INTEGER REFERENCES bed (id),
	account TEXT REFERENCES account (name),
	direction TEXT NOT NULL CHECK (direction IN ('in', 'out')),
	volume_ul INTEGER NOT NULL CHECK (volume_ul >= 0),
	mass_mg INTEGER NOT NULL CHECK (mass_mg >= 0),
	-- It left the rest of its lot made up otherwise than before: what is taken later rests on it.
	alters INTEGER NOT NULL CHECK (alters IN (0, 1)),
	happened_at_ms INTEGER NOT NULL,
	recorded_at_ms INTEGER NOT NULL,
	person TEXT NOT NULL,
	CHECK ((lot_id IS NOT NULL) + (bed_id IS NOT NULL) + (account IS NOT NULL) = 1)
) STRICT;
CREATE INDEX movement_by_lot ON movement (lot_id, happened_at_ms) WHERE lot_id IS NOT NULL;
CREATE INDEX movement_by_bed ON movement (bed_id, happened_at_ms) WHERE bed_id IS NOT NULL;
CREATE INDEX movement_by_act ON movement (act_id);
-- What was taken from lately.
CREATE INDEX movement_by_taking ON movement (happened_at_ms) WHERE direction = 'out' AND lot_id IS NOT NULL;

-- What a movement is made of, whole milligrams of each substance. In each act dry matter, nitrogen,
-- phosphorus, potassium and lime come to nought.
CREATE TABLE content (
	movement_id INTEGER NOT NULL REFERENCES movement (id),
	substance TEXT NOT NULL REFERENCES substance (name),
	amount_mg INTEGER NOT NULL CHECK (amount_mg > 0),
	PRIMARY KEY (movement_id, substance)
) STRICT, WITHOUT ROWID;

-- Balances, kept by triggers and rebuilt by a test.
CREATE TABLE balance (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	volume_ul INTEGER NOT NULL CHECK (volume_ul >= 0),
	mass_mg INTEGER NOT NULL CHECK (mass_mg >= 0)
) STRICT;
CREATE INDEX balance_in_stock ON balance (lot_id) WHERE volume_ul > 0;
CREATE TABLE held_in_lot (
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	substance TEXT NOT NULL REFERENCES substance (name),
	amount_mg INTEGER NOT NULL CHECK (amount_mg >= 0),
	PRIMARY KEY (lot_id, substance)
) STRICT, WITHOUT ROWID;
CREATE TABLE put_on_bed (
	bed_id INTEGER NOT NULL REFERENCES bed (id),
	substance TEXT NOT NULL REFERENCES substance (name),
	amount_mg INTEGER NOT NULL,
	PRIMARY KEY (bed_id, substance)
) STRICT, WITHOUT ROWID;
CREATE TRIGGER movement_keeps_balance AFTER INSERT ON movement WHEN new.lot_id IS NOT NULL
BEGIN
	INSERT INTO balance (lot_id, volume_ul, mass_mg) VALUES (new.lot_id, 0, 0) ON CONFLICT (lot_id) DO NOTHING;
	UPDATE balance SET
		volume_ul = volume_ul + iif(new.direction = 'in', new.volume_ul, -new.volume_ul),
		mass_mg = mass_mg + iif(new.direction = 'in', new.mass_mg, -new.mass_mg)
	WHERE lot_id = new.lot_id;
END;
CREATE TRIGGER content_keeps_what_lots_hold AFTER INSERT ON content
WHEN (SELECT lot_id FROM movement WHERE id = new.movement_id) IS NOT NULL
BEGIN
	INSERT INTO held_in_lot (lot_id, substance, amount_mg)
		SELECT lot_id, new.substance, 0 FROM movement WHERE id = new.movement_id ON CONFLICT DO NOTHING;
	UPDATE held_in_lot SET amount_mg = amount_mg + (SELECT iif(direction = 'in', new.amount_mg, -new.amount_mg) FROM movement WHERE id = new.movement_id)
		WHERE lot_id = (SELECT lot_id FROM movement WHERE id = new.movement_id) AND substance = new.substance;
END;
CREATE TRIGGER content_keeps_what_beds_had AFTER INSERT ON content
WHEN (SELECT bed_id FROM movement WHERE id = new.movement_id) IS NOT NULL
BEGIN
	INSERT INTO put_on_bed (bed_id, substance, amount_mg)
		SELECT bed_id, new.substance, 0 FROM movement WHERE id = new.movement_id ON CONFLICT DO NOTHING;
	UPDATE put_on_bed SET amount_mg = amount_mg + (SELECT iif(direction = 'in', new.amount_mg, -new.amount_mg) FROM movement WHERE id = new.movement_id)
		WHERE bed_id = (SELECT bed_id FROM movement WHERE id = new.movement_id) AND substance = new.substance;
END;

-- What went from a lot into another lot or a bed, in acts that stand. What was brought in and used
-- up within one act gave to it and took nothing from it.
CREATE VIEW flow AS
	SELECT a.id AS act_id, a.verb, a.happened_at_ms, a.person, p.lot_id AS from_lot_id, c.lot_id AS to_lot_id, c.bed_id AS to_bed_id
	FROM standing_act a
	JOIN movement p ON p.act_id = a.id AND p.lot_id IS NOT NULL AND p.direction = 'out'
	JOIN movement c ON c.act_id = a.id AND c.direction = 'in' AND (c.lot_id IS NOT NULL OR c.bed_id IS NOT NULL)
	WHERE NOT EXISTS (SELECT 1 FROM movement t WHERE t.act_id = a.id AND t.lot_id = c.lot_id AND t.direction = 'out');

-- What an act is about, for the books of each thing, and which acts it rests on, for undoing in order.
-- Both are derived from its movements and foreign keys when it is written (db/grounds.ts).
CREATE TABLE act_subject (
	act_id TEXT NOT NULL REFERENCES act (id),
	subject TEXT NOT NULL,
	subject_id INTEGER NOT NULL,
	PRIMARY KEY (subject, subject_id, act_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX act_subject_by_act ON act_subject (act_id);
CREATE TABLE act_rests_on (
	act_id TEXT NOT NULL REFERENCES act (id),
	on_act_id TEXT NOT NULL REFERENCES act (id),
	PRIMARY KEY (on_act_id, act_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX act_rests_on_by_act ON act_rests_on (act_id);

CREATE TABLE stack (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	form TEXT NOT NULL,
	wood TEXT NOT NULL,
	seasoned INTEGER NOT NULL CHECK (seasoned IN (0, 1)),
	outline TEXT,
	length_m REAL, width_m REAL, height_m REAL,
	filled_l REAL,
	filled_as TEXT,
	suspicion TEXT NOT NULL,
	is_brands INTEGER NOT NULL CHECK (is_brands IN (0, 1)),
	dry_kg REAL NOT NULL, dry_low_kg REAL NOT NULL, dry_high_kg REAL NOT NULL,
	-- How that came about, as it was known then.
	dry_json TEXT NOT NULL CHECK (json_valid(dry_json))
) STRICT;

CREATE TABLE moisture_reading (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	method TEXT NOT NULL,
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
CREATE INDEX burn_by_act ON burn (act_id);
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
	way TEXT NOT NULL,
	quenched_at_ms INTEGER NOT NULL,
	char_lot_id INTEGER NOT NULL REFERENCES lot (id),
	brands_lot_id INTEGER REFERENCES lot (id),
	wood_kg REAL NOT NULL, wood_low_kg REAL NOT NULL, wood_high_kg REAL NOT NULL,
	wood_json TEXT NOT NULL CHECK (json_valid(wood_json)),
	fill_depth_m REAL,
	water_l REAL CHECK (water_l >= 0),
	smoke_min REAL CHECK (smoke_min >= 0),
	-- All of the char of a burn, dried and weighed: with litres and a sample the third of three measures.
	char_weighed_kg REAL CHECK (char_weighed_kg > 0),
	-- A sample weighed beside all of the char is a measure of its own.
	sample_kg_per_l REAL CHECK (sample_kg_per_l > 0),
	odd_reason TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX burn_record_by_burn ON burn_record (burn_id);
CREATE INDEX burn_record_by_quench ON burn_record (quenched_at_ms);
CREATE INDEX burn_record_by_char ON burn_record (char_lot_id);
CREATE INDEX burn_record_by_vessel ON burn_record (vessel_version_id, quenched_at_ms);

-- A walk around the quenched char of a fire, or around a soak that was drained.
CREATE TABLE quench_check (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	drained INTEGER NOT NULL CHECK (drained IN (0, 1)),
	places_json TEXT NOT NULL CHECK (json_valid(places_json)),
	smoke INTEGER NOT NULL CHECK (smoke IN (0, 1)),
	white_spots INTEGER NOT NULL CHECK (white_spots IN (0, 1)),
	air_c REAL,
	-- A notebook's word that the whole series was walked.
	whole_series INTEGER NOT NULL DEFAULT 0 CHECK (whole_series IN (0, 1))
) STRICT;
CREATE INDEX quench_check_by_burn ON quench_check (burn_id);
CREATE INDEX quench_check_by_act ON quench_check (act_id);
CREATE INDEX quench_check_by_lot ON quench_check (lot_id);

CREATE TABLE char_lot (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	state TEXT NOT NULL,
	wood TEXT NOT NULL,
	wetness TEXT NOT NULL,
	density_kg_per_l REAL NOT NULL, density_low_kg_per_l REAL NOT NULL, density_high_kg_per_l REAL NOT NULL,
	density_from_json TEXT NOT NULL CHECK (json_valid(density_from_json))
) STRICT;
CREATE INDEX char_lot_by_burn ON char_lot (burn_id);

-- A later, better density of a char lot. What is left is weighed anew by it; what was moved on keeps
-- the density it was moved with.
CREATE TABLE density_reading (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	density_kg_per_l REAL NOT NULL, density_low_kg_per_l REAL NOT NULL, density_high_kg_per_l REAL NOT NULL,
	density_from_json TEXT NOT NULL CHECK (json_valid(density_from_json))
) STRICT;
CREATE INDEX density_reading_by_lot ON density_reading (lot_id);
CREATE INDEX density_reading_by_act ON density_reading (act_id);

-- Something brought in and held in stock, with what it brings as it was known then.
CREATE TABLE stock (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	material TEXT NOT NULL,
	composition_json TEXT NOT NULL CHECK (json_valid(composition_json))
) STRICT;
CREATE INDEX stock_by_material ON stock (material);

-- The grower's own analysis or weighed measure of a material, from then on used in place of the table.
CREATE TABLE analysis (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	material TEXT NOT NULL,
	measured_json TEXT NOT NULL CHECK (json_valid(measured_json))
) STRICT;
CREATE INDEX analysis_by_material ON analysis (material);

-- A batch: a lot that changes with time in a vessel or place. Its ingredients stand in ingredient, what
-- was seen and done with it in batch_fact, where it stood in batch_place.
CREATE TABLE batch (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	recipe TEXT NOT NULL,
	temperature_c REAL NOT NULL
) STRICT;
CREATE INDEX batch_by_act ON batch (act_id);
-- How it stands since an act: the newest that stands counts.
CREATE TABLE batch_state (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	-- Its clock: a part split off keeps that of its whole, joined batches the later one.
	started_at_ms INTEGER NOT NULL,
	char_share REAL NOT NULL, char_share_low REAL NOT NULL, char_share_high REAL NOT NULL,
	density_kg_per_l REAL NOT NULL, density_low_kg_per_l REAL NOT NULL, density_high_kg_per_l REAL NOT NULL,
	mineral_n_g_per_kg REAL NOT NULL, mineral_n_low_g_per_kg REAL NOT NULL, mineral_n_high_g_per_kg REAL NOT NULL,
	-- How each of the three came about, as it was known then.
	char_share_json TEXT NOT NULL CHECK (json_valid(char_share_json)),
	density_json TEXT NOT NULL CHECK (json_valid(density_json)),
	mineral_n_json TEXT NOT NULL CHECK (json_valid(mineral_n_json)),
	-- Liquid that stands around it beyond its own litres.
	liquid_l REAL NOT NULL CHECK (liquid_l >= 0)
) STRICT;
CREATE INDEX batch_state_by_lot ON batch_state (lot_id);
-- The fires its char came from.
CREATE TABLE batch_burn (
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	burn_id INTEGER NOT NULL REFERENCES burn (id),
	PRIMARY KEY (lot_id, burn_id, act_id)
) STRICT, WITHOUT ROWID;

-- What went into a batch: so much of a lot, or of what has no lot (rain water), beside what the recipe asked.
CREATE TABLE ingredient (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	batch_lot_id INTEGER NOT NULL REFERENCES lot (id),
	from_lot_id INTEGER REFERENCES lot (id),
	material TEXT NOT NULL,
	volume_ul INTEGER NOT NULL CHECK (volume_ul >= 0),
	planned_ul INTEGER CHECK (planned_ul >= 0)
) STRICT;
CREATE INDEX ingredient_by_batch ON ingredient (batch_lot_id);
CREATE INDEX ingredient_by_lot ON ingredient (from_lot_id) WHERE from_lot_id IS NOT NULL;
CREATE INDEX ingredient_by_act ON ingredient (act_id);

-- From then on a batch stands in this vessel, or nowhere named.
CREATE TABLE batch_place (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	vessel_version_id INTEGER REFERENCES vessel_version (id),
	place TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX batch_place_by_lot ON batch_place (lot_id);
CREATE INDEX batch_place_by_vessel ON batch_place (vessel_version_id) WHERE vessel_version_id IS NOT NULL;

-- Stirred, turned, topped up, drained, opened: what was done with a batch, each by its name.
CREATE TABLE batch_fact (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	fact TEXT NOT NULL
) STRICT;
CREATE INDEX batch_fact_by_lot ON batch_fact (lot_id);

CREATE TABLE ready_test (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	passed INTEGER NOT NULL CHECK (passed IN (0, 1)),
	germination_index REAL
) STRICT;
CREATE INDEX ready_test_by_lot ON ready_test (lot_id);
CREATE INDEX ready_test_by_act ON ready_test (act_id);

-- Anything put on a bed: how, how deep, from which lot, and how many litres of it were char before it
-- was mixed. What it brought stands in the ledger.
CREATE TABLE application (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	bed_id INTEGER NOT NULL REFERENCES bed (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	way TEXT NOT NULL,
	depth_m REAL CHECK (depth_m >= 0),
	char_l REAL NOT NULL CHECK (char_l >= 0),
	char_low_l REAL NOT NULL CHECK (char_low_l >= 0),
	char_high_l REAL NOT NULL CHECK (char_high_l >= 0),
	density_kg_per_l REAL NOT NULL,
	reason TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX application_by_bed ON application (bed_id);
CREATE INDEX application_by_lot ON application (lot_id);

CREATE TABLE temperature_reading (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	burn_id INTEGER REFERENCES burn (id),
	lot_id INTEGER REFERENCES lot (id),
	temperature_c REAL NOT NULL CHECK (temperature_c BETWEEN -60 AND 1500),
	CHECK ((burn_id IS NOT NULL) + (lot_id IS NOT NULL) = 1)
) STRICT;
CREATE INDEX temperature_reading_by_burn ON temperature_reading (burn_id) WHERE burn_id IS NOT NULL;
CREATE INDEX temperature_reading_by_lot ON temperature_reading (lot_id) WHERE lot_id IS NOT NULL;

-- Something seen, in words, at a lot, a fire or a bed.
CREATE TABLE remark (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER REFERENCES lot (id),
	burn_id INTEGER REFERENCES burn (id),
	bed_id INTEGER REFERENCES bed (id),
	words TEXT NOT NULL CHECK (length(words) BETWEEN 1 AND 2000),
	CHECK ((lot_id IS NOT NULL) + (burn_id IS NOT NULL) + (bed_id IS NOT NULL) = 1)
) STRICT;
CREATE INDEX remark_by_lot ON remark (lot_id) WHERE lot_id IS NOT NULL;
CREATE INDEX remark_by_burn ON remark (burn_id) WHERE burn_id IS NOT NULL;
CREATE INDEX remark_by_bed ON remark (bed_id) WHERE bed_id IS NOT NULL;

CREATE TABLE settings_version (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	place TEXT NOT NULL,
	latitude_deg REAL CHECK (latitude_deg BETWEEN -90 AND 90),
	longitude_deg REAL CHECK (longitude_deg BETWEEN -180 AND 180),
	time_zone TEXT NOT NULL,
	system TEXT,
	people_json TEXT NOT NULL CHECK (json_valid(people_json))
) STRICT;


-- What an act wrote, asked when what it is about is derived.
CREATE INDEX measure_version_by_act ON measure_version (act_id);
CREATE INDEX vessel_by_act ON vessel (act_id);
CREATE INDEX vessel_version_by_act ON vessel_version (act_id);
CREATE INDEX bed_by_act ON bed (act_id);
CREATE INDEX bed_version_by_act ON bed_version (act_id);
CREATE INDEX stack_by_act ON stack (act_id);
CREATE INDEX moisture_reading_by_act ON moisture_reading (act_id);
CREATE INDEX quarantine_by_act ON quarantine (act_id);
CREATE INDEX burn_plan_by_act ON burn_plan (act_id);
CREATE INDEX char_lot_by_act ON char_lot (act_id);
CREATE INDEX stock_by_act ON stock (act_id);
CREATE INDEX analysis_by_act ON analysis (act_id);
CREATE INDEX batch_state_by_act ON batch_state (act_id);
CREATE INDEX batch_burn_by_act ON batch_burn (act_id);
CREATE INDEX batch_place_by_act ON batch_place (act_id);
CREATE INDEX batch_fact_by_act ON batch_fact (act_id);
CREATE INDEX temperature_reading_by_act ON temperature_reading (act_id);
CREATE INDEX remark_by_act ON remark (act_id);
CREATE INDEX settings_version_by_act ON settings_version (act_id);

-- Append-only: nothing that was written is changed or removed; a mistake is reversed by an act.
CREATE TRIGGER books_no_update BEFORE UPDATE ON books BEGIN SELECT RAISE(ABORT, 'books is append-only'); END;
CREATE TRIGGER books_no_delete BEFORE DELETE ON books BEGIN SELECT RAISE(ABORT, 'books is append-only'); END;
CREATE TRIGGER act_no_update BEFORE UPDATE ON act BEGIN SELECT RAISE(ABORT, 'act is append-only'); END;
CREATE TRIGGER act_no_delete BEFORE DELETE ON act BEGIN SELECT RAISE(ABORT, 'act is append-only'); END;
CREATE TRIGGER account_no_update BEFORE UPDATE ON account BEGIN SELECT RAISE(ABORT, 'account is append-only'); END;
CREATE TRIGGER account_no_delete BEFORE DELETE ON account BEGIN SELECT RAISE(ABORT, 'account is append-only'); END;
CREATE TRIGGER substance_no_update BEFORE UPDATE ON substance BEGIN SELECT RAISE(ABORT, 'substance is append-only'); END;
CREATE TRIGGER substance_no_delete BEFORE DELETE ON substance BEGIN SELECT RAISE(ABORT, 'substance is append-only'); END;
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
CREATE TRIGGER content_no_update BEFORE UPDATE ON content BEGIN SELECT RAISE(ABORT, 'content is append-only'); END;
CREATE TRIGGER content_no_delete BEFORE DELETE ON content BEGIN SELECT RAISE(ABORT, 'content is append-only'); END;
CREATE TRIGGER act_subject_no_update BEFORE UPDATE ON act_subject BEGIN SELECT RAISE(ABORT, 'act_subject is append-only'); END;
CREATE TRIGGER act_subject_no_delete BEFORE DELETE ON act_subject BEGIN SELECT RAISE(ABORT, 'act_subject is append-only'); END;
CREATE TRIGGER act_rests_on_no_update BEFORE UPDATE ON act_rests_on BEGIN SELECT RAISE(ABORT, 'act_rests_on is append-only'); END;
CREATE TRIGGER act_rests_on_no_delete BEFORE DELETE ON act_rests_on BEGIN SELECT RAISE(ABORT, 'act_rests_on is append-only'); END;
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
CREATE TRIGGER density_reading_no_update BEFORE UPDATE ON density_reading BEGIN SELECT RAISE(ABORT, 'density_reading is append-only'); END;
CREATE TRIGGER density_reading_no_delete BEFORE DELETE ON density_reading BEGIN SELECT RAISE(ABORT, 'density_reading is append-only'); END;
CREATE TRIGGER stock_no_update BEFORE UPDATE ON stock BEGIN SELECT RAISE(ABORT, 'stock is append-only'); END;
CREATE TRIGGER stock_no_delete BEFORE DELETE ON stock BEGIN SELECT RAISE(ABORT, 'stock is append-only'); END;
CREATE TRIGGER analysis_no_update BEFORE UPDATE ON analysis BEGIN SELECT RAISE(ABORT, 'analysis is append-only'); END;
CREATE TRIGGER analysis_no_delete BEFORE DELETE ON analysis BEGIN SELECT RAISE(ABORT, 'analysis is append-only'); END;
CREATE TRIGGER batch_no_update BEFORE UPDATE ON batch BEGIN SELECT RAISE(ABORT, 'batch is append-only'); END;
CREATE TRIGGER batch_no_delete BEFORE DELETE ON batch BEGIN SELECT RAISE(ABORT, 'batch is append-only'); END;
CREATE TRIGGER batch_state_no_update BEFORE UPDATE ON batch_state BEGIN SELECT RAISE(ABORT, 'batch_state is append-only'); END;
CREATE TRIGGER batch_state_no_delete BEFORE DELETE ON batch_state BEGIN SELECT RAISE(ABORT, 'batch_state is append-only'); END;
CREATE TRIGGER batch_burn_no_update BEFORE UPDATE ON batch_burn BEGIN SELECT RAISE(ABORT, 'batch_burn is append-only'); END;
CREATE TRIGGER batch_burn_no_delete BEFORE DELETE ON batch_burn BEGIN SELECT RAISE(ABORT, 'batch_burn is append-only'); END;
CREATE TRIGGER ingredient_no_update BEFORE UPDATE ON ingredient BEGIN SELECT RAISE(ABORT, 'ingredient is append-only'); END;
CREATE TRIGGER ingredient_no_delete BEFORE DELETE ON ingredient BEGIN SELECT RAISE(ABORT, 'ingredient is append-only'); END;
CREATE TRIGGER batch_place_no_update BEFORE UPDATE ON batch_place BEGIN SELECT RAISE(ABORT, 'batch_place is append-only'); END;
CREATE TRIGGER batch_place_no_delete BEFORE DELETE ON batch_place BEGIN SELECT RAISE(ABORT, 'batch_place is append-only'); END;
CREATE TRIGGER batch_fact_no_update BEFORE UPDATE ON batch_fact BEGIN SELECT RAISE(ABORT, 'batch_fact is append-only'); END;
CREATE TRIGGER batch_fact_no_delete BEFORE DELETE ON batch_fact BEGIN SELECT RAISE(ABORT, 'batch_fact is append-only'); END;
CREATE TRIGGER ready_test_no_update BEFORE UPDATE ON ready_test BEGIN SELECT RAISE(ABORT, 'ready_test is append-only'); END;
CREATE TRIGGER ready_test_no_delete BEFORE DELETE ON ready_test BEGIN SELECT RAISE(ABORT, 'ready_test is append-only'); END;
CREATE TRIGGER application_no_update BEFORE UPDATE ON application BEGIN SELECT RAISE(ABORT, 'application is append-only'); END;
CREATE TRIGGER application_no_delete BEFORE DELETE ON application BEGIN SELECT RAISE(ABORT, 'application is append-only'); END;
CREATE TRIGGER temperature_reading_no_update BEFORE UPDATE ON temperature_reading BEGIN SELECT RAISE(ABORT, 'temperature_reading is append-only'); END;
CREATE TRIGGER temperature_reading_no_delete BEFORE DELETE ON temperature_reading BEGIN SELECT RAISE(ABORT, 'temperature_reading is append-only'); END;
CREATE TRIGGER remark_no_update BEFORE UPDATE ON remark BEGIN SELECT RAISE(ABORT, 'remark is append-only'); END;
CREATE TRIGGER remark_no_delete BEFORE DELETE ON remark BEGIN SELECT RAISE(ABORT, 'remark is append-only'); END;
CREATE TRIGGER settings_version_no_update BEFORE UPDATE ON settings_version BEGIN SELECT RAISE(ABORT, 'settings_version is append-only'); END;
CREATE TRIGGER settings_version_no_delete BEFORE DELETE ON settings_version BEGIN SELECT RAISE(ABORT, 'settings_version is append-only'); END;
