-- The books. Nothing in them is changed or removed: a mistake is reversed by an act. The triggers that hold
-- tables to it, and the index by act of each, are made from their names (db/guards.ts).

-- Every set of books has a name of its own, kept in it: backups go by it, wherever they lie.
CREATE TABLE books (
	one INTEGER PRIMARY KEY CHECK (one = 1),
	id TEXT NOT NULL CHECK (length(id) = 12)
) STRICT;
INSERT INTO books (one, id) VALUES (1, lower(hex(randomblob(6))));

-- Acts: everything a person does. An act id is made by the form, so that the same act sent twice is one act.
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

-- What an act wrote, as one number over its rows and the number of the act entered before it: the last row of
-- an act. It finds damage and what was cut out; it seals nothing against one who reckons it anew.
CREATE TABLE act_digest (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	digest TEXT NOT NULL CHECK (length(digest) = 64)
) STRICT, WITHOUT ROWID;

-- The program's own tables (core/ledger/data) say which accounts and substances there are; they are
-- written here when the books are opened, so that a new one wants no new step.
CREATE TABLE account (name TEXT PRIMARY KEY) STRICT;
CREATE TABLE substance (name TEXT PRIMARY KEY) STRICT;

-- Everything that an act can be about, whatever it is. Lots, burns, beds and vessels have tables of their own
-- and share this key; what refers to a thing refers to it here.
CREATE TABLE thing (
	id INTEGER PRIMARY KEY,
	kind TEXT NOT NULL,
	act_id TEXT NOT NULL REFERENCES act (id),
	-- For the tables that share the key, and keep the act beside it so as to be asked by it.
	UNIQUE (id, act_id)
) STRICT;
CREATE INDEX thing_by_kind ON thing (kind);

-- What a thing is called since an act: the newest that stands. An undone name can come again.
CREATE TABLE thing_name (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER NOT NULL REFERENCES thing (id),
	name TEXT NOT NULL COLLATE NOCASE CHECK (length(name) BETWEEN 1 AND 80)
) STRICT;
CREATE INDEX thing_name_by_thing ON thing_name (thing_id);
CREATE INDEX thing_name_by_name ON thing_name (name);

-- A thing is used no longer: retired, or merged into another, whose history it counts to from then on.
CREATE TABLE thing_end (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER NOT NULL REFERENCES thing (id),
	into_id INTEGER REFERENCES thing (id) CHECK (into_id <> thing_id)
) STRICT;
CREATE INDEX thing_end_by_thing ON thing_end (thing_id);
CREATE INDEX thing_end_by_into ON thing_end (into_id) WHERE into_id IS NOT NULL;

-- How a thing without a table of its own is since an act: a measure, a recipe, a programme, a place, a device.
CREATE TABLE thing_version (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER NOT NULL REFERENCES thing (id),
	told_json TEXT NOT NULL CHECK (json_valid(told_json))
) STRICT;
CREATE INDEX thing_version_by_thing ON thing_version (thing_id);

-- The name a thing goes by: the newest that stands; of one that was undone, the last it had.
CREATE VIEW thing_called AS
	SELECT t.id, t.kind, t.act_id,
		coalesce(
			(SELECT n.name FROM thing_name n JOIN standing_act s ON s.id = n.act_id WHERE n.thing_id = t.id ORDER BY n.id DESC LIMIT 1),
			(SELECT n.name FROM thing_name n WHERE n.thing_id = t.id ORDER BY n.id DESC LIMIT 1),
			''
		) AS name
	FROM thing t;

CREATE TABLE lot (
	id INTEGER PRIMARY KEY,
	code TEXT NOT NULL UNIQUE,
	kind TEXT NOT NULL,
	name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
	act_id TEXT NOT NULL REFERENCES act (id),
	FOREIGN KEY (id, act_id) REFERENCES thing (id, act_id)
) STRICT;
CREATE INDEX lot_by_number ON lot (kind, CAST(substr(code, 2) AS INTEGER));

CREATE TABLE vessel (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	FOREIGN KEY (id, act_id) REFERENCES thing (id, act_id)
) STRICT;
CREATE VIEW vessel_called AS SELECT v.id, v.act_id, c.name FROM vessel v JOIN thing_called c ON c.id = v.id;
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
	-- What is built onto it.
	fittings_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(fittings_json)),
	CHECK ((rim_length_m IS NULL) = (floor_length_m IS NULL))
) STRICT;
CREATE INDEX vessel_version_by_vessel ON vessel_version (vessel_id);

-- A target of what is put on: an area, a group of pots, a tree, a path; or a part of one: a plot or strip of an
-- area, some pots of a group. What grows there, its pH, who eats of it are dated facts (finding).
CREATE TABLE bed (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	FOREIGN KEY (id, act_id) REFERENCES thing (id, act_id)
) STRICT;
CREATE VIEW bed_called AS SELECT b.id, b.act_id, c.name FROM bed b JOIN thing_called c ON c.id = b.id;
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
	-- A part lacks what its whole tells.
	texture TEXT,
	drainage TEXT,
	humus TEXT,
	-- Whose part it is, and where in it: its nearest corner along and across, or how many pots stand before it.
	within_id INTEGER REFERENCES bed (id),
	along_m REAL CHECK (along_m >= 0),
	across_m REAL CHECK (across_m >= 0),
	pieces_before INTEGER CHECK (pieces_before >= 0),
	CHECK (within_id IS NOT NULL OR (texture IS NOT NULL AND drainage IS NOT NULL AND humus IS NOT NULL))
) STRICT;
CREATE INDEX bed_version_by_bed ON bed_version (bed_id);
CREATE INDEX bed_version_by_within ON bed_version (within_id) WHERE within_id IS NOT NULL;

-- The ledger. A movement stands at a lot, at a target, or at a named account outside them; it goes in or
-- out, and carries so much as it lies. What it is made of stands in content.
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

-- What went from a lot into another lot or a target, in acts that stand. What was brought in and used up within
-- one act gave to it and took nothing from it. The plus keeps the planner from building an index of its own for
-- each question, so that a way is followed by the index of acts.
CREATE VIEW flow AS
	SELECT a.id AS act_id, a.seq, a.verb, a.happened_at_ms, a.person, p.lot_id AS from_lot_id, c.lot_id AS to_lot_id, c.bed_id AS to_bed_id
	FROM standing_act a
	JOIN movement p ON p.act_id = a.id AND p.lot_id IS NOT NULL AND +p.direction = 'out'
	JOIN movement c ON c.act_id = a.id AND +c.direction = 'in' AND (c.lot_id IS NOT NULL OR c.bed_id IS NOT NULL)
	WHERE NOT EXISTS (SELECT 1 FROM movement t WHERE t.act_id = a.id AND t.lot_id = c.lot_id AND t.direction = 'out');

-- What an act is about, for the books of each thing, and which acts it rests on, for undoing in order.
-- Both are derived from its movements and foreign keys when it is written (db/grounds.ts).
CREATE TABLE act_subject (
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER NOT NULL REFERENCES thing (id),
	PRIMARY KEY (thing_id, act_id)
) STRICT, WITHOUT ROWID;
CREATE TABLE act_rests_on (
	act_id TEXT NOT NULL REFERENCES act (id),
	on_act_id TEXT NOT NULL REFERENCES act (id),
	PRIMARY KEY (on_act_id, act_id)
) STRICT, WITHOUT ROWID;

-- What was seen, read, smelt or done at a thing, each by its name, with its figures. What holds from a day on,
-- and perhaps to a day, says so, and so does what is known in one of several ways: what grows on a bed, its pH.
CREATE TABLE finding (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER NOT NULL REFERENCES thing (id),
	what TEXT NOT NULL,
	found_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(found_json)),
	-- Local days, YYYY-MM-DD.
	first_day TEXT,
	last_day TEXT CHECK (last_day >= first_day),
	-- "grower", or how it was read.
	way TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX finding_by_thing ON finding (thing_id, what);
CREATE INDEX finding_by_what ON finding (what);

-- What spoke against an act and was answered: the codes that were shown, what they rested on, and the reason.
CREATE TABLE answered_caution (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	code TEXT NOT NULL,
	facts_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(facts_json)),
	reason TEXT NOT NULL CHECK (length(reason) BETWEEN 1 AND 2000)
) STRICT;

-- A picture of a thing: a file beside the database, named by its content. What was removed for good says so.
CREATE TABLE photo (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER NOT NULL REFERENCES thing (id),
	hash TEXT NOT NULL CHECK (length(hash) = 64),
	removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1))
) STRICT;
CREATE INDEX photo_by_thing ON photo (thing_id);

-- What a device writes by itself, outside acts. Samples are only ever thinned, and the thinning is told first.
CREATE TABLE series (
	id INTEGER PRIMARY KEY,
	thing_id INTEGER NOT NULL REFERENCES thing (id),
	quantity TEXT NOT NULL,
	unit TEXT NOT NULL,
	UNIQUE (thing_id, quantity)
) STRICT;
CREATE TABLE sample (
	series_id INTEGER NOT NULL REFERENCES series (id),
	at_ms INTEGER NOT NULL,
	value REAL NOT NULL,
	PRIMARY KEY (series_id, at_ms)
) STRICT, WITHOUT ROWID;
CREATE TABLE thinning (
	id INTEGER PRIMARY KEY,
	series_id INTEGER NOT NULL REFERENCES series (id),
	from_ms INTEGER NOT NULL,
	to_ms INTEGER NOT NULL CHECK (to_ms > from_ms),
	rule TEXT NOT NULL CHECK (length(rule) > 0),
	at_ms INTEGER NOT NULL
) STRICT;
-- Counts every change of its samples, kept by triggers: part of the key of what is remembered.
CREATE TABLE series_revision (
	series_id INTEGER PRIMARY KEY REFERENCES series (id),
	revision INTEGER NOT NULL
) STRICT;
CREATE TRIGGER sample_counts AFTER INSERT ON sample BEGIN
	INSERT INTO series_revision (series_id, revision) VALUES (new.series_id, 1) ON CONFLICT (series_id) DO UPDATE SET revision = revision + 1;
END;
CREATE TRIGGER sample_thinned AFTER DELETE ON sample BEGIN
	UPDATE series_revision SET revision = revision + 1 WHERE series_id = old.series_id;
END;
CREATE TRIGGER sample_no_update BEFORE UPDATE ON sample BEGIN SELECT RAISE(ABORT, 'sample is append-only'); END;
CREATE TRIGGER sample_no_delete BEFORE DELETE ON sample
WHEN NOT EXISTS (SELECT 1 FROM thinning t WHERE t.series_id = old.series_id AND old.at_ms BETWEEN t.from_ms AND t.to_ms)
BEGIN SELECT RAISE(ABORT, 'sample is thinned only where a thinning says so'); END;

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
	dry_json TEXT NOT NULL CHECK (json_valid(dry_json)),
	-- Bundles of which one was weighed; wood that died on its stem; walnut, which some crops cannot bear.
	sample_json TEXT CHECK (json_valid(sample_json)),
	standing_dead INTEGER NOT NULL DEFAULT 0 CHECK (standing_dead IN (0, 1)),
	walnut INTEGER NOT NULL DEFAULT 0 CHECK (walnut IN (0, 1))
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

CREATE TABLE burn (
	id INTEGER PRIMARY KEY,
	code TEXT NOT NULL UNIQUE,
	act_id TEXT NOT NULL REFERENCES act (id),
	FOREIGN KEY (id, act_id) REFERENCES thing (id, act_id)
) STRICT;
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
	odd_reason TEXT NOT NULL DEFAULT '',
	-- What people note of a fire beside its measures.
	told_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(told_json)),
	-- 'stacks': taken from the yard; 'weighed': weighed as it went in; 'reckoned': estimated back from the char.
	wood_from TEXT NOT NULL DEFAULT 'stacks'
) STRICT;
CREATE INDEX burn_record_by_burn ON burn_record (burn_id);
CREATE INDEX burn_record_by_quench ON burn_record (quenched_at_ms);
CREATE INDEX burn_record_by_char ON burn_record (char_lot_id);
CREATE INDEX burn_record_by_vessel ON burn_record (vessel_version_id, quenched_at_ms);

-- A day on which several vessels are burnt in turn: its timetable as it was set down.
CREATE TABLE burn_day (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	starts_at_ms INTEGER NOT NULL,
	timetable_json TEXT NOT NULL CHECK (json_valid(timetable_json))
) STRICT, WITHOUT ROWID;
CREATE INDEX burn_day_by_start ON burn_day (starts_at_ms);

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
CREATE INDEX quench_check_by_lot ON quench_check (lot_id);

-- Char of a fire, or such as no fire here made: bought or given.
CREATE TABLE char_lot (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	burn_id INTEGER REFERENCES burn (id),
	state TEXT NOT NULL,
	wood TEXT NOT NULL,
	wetness TEXT NOT NULL,
	density_kg_per_l REAL NOT NULL, density_low_kg_per_l REAL NOT NULL, density_high_kg_per_l REAL NOT NULL,
	density_from_json TEXT NOT NULL CHECK (json_valid(density_from_json)),
	-- How it was come by: bought or given, from whom, for how much, its grain and its maker's sheet.
	origin_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(origin_json))
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
-- was seen and done with it in finding, where it stood in batch_place.
CREATE TABLE batch (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	act_id TEXT NOT NULL REFERENCES act (id),
	recipe TEXT NOT NULL,
	-- The grower's own recipe it was made by, as that was then.
	recipe_version_id INTEGER REFERENCES thing_version (id),
	temperature_c REAL NOT NULL
) STRICT;
CREATE INDEX batch_by_recipe ON batch (recipe_version_id) WHERE recipe_version_id IS NOT NULL;
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

-- From then on a batch stands in this vessel, or nowhere named.
CREATE TABLE batch_place (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	vessel_version_id INTEGER REFERENCES vessel_version (id),
	place_id INTEGER REFERENCES thing (id)
) STRICT;
CREATE INDEX batch_place_by_lot ON batch_place (lot_id);
CREATE INDEX batch_place_by_vessel ON batch_place (vessel_version_id) WHERE vessel_version_id IS NOT NULL;

CREATE TABLE ready_test (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	passed INTEGER NOT NULL CHECK (passed IN (0, 1)),
	germination_index REAL,
	-- What it looked at one by one, its cress as counted, the pH that was read.
	found_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(found_json))
) STRICT;
CREATE INDEX ready_test_by_lot ON ready_test (lot_id);

-- Anything put on a target: how, how deep, from which lot or of which material that has none (water, own leaves),
-- and how many litres of it were char before it was mixed. What it brought stands in the ledger.
CREATE TABLE application (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	bed_id INTEGER NOT NULL REFERENCES bed (id),
	lot_id INTEGER REFERENCES lot (id),
	material TEXT,
	way TEXT NOT NULL,
	depth_m REAL CHECK (depth_m >= 0),
	char_l REAL NOT NULL CHECK (char_l >= 0),
	char_low_l REAL NOT NULL CHECK (char_low_l >= 0),
	char_high_l REAL NOT NULL CHECK (char_high_l >= 0),
	density_kg_per_l REAL NOT NULL,
	reason TEXT NOT NULL DEFAULT '',
	CHECK ((lot_id IS NULL) <> (material IS NULL))
) STRICT;
CREATE INDEX application_by_bed ON application (bed_id);
CREATE INDEX application_by_lot ON application (lot_id) WHERE lot_id IS NOT NULL;

-- A brew on a bed is thinned: parts of water to one of it, the water that came to, on the ground or on leaves.
CREATE TABLE dilution (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	parts REAL NOT NULL CHECK (parts >= 0),
	water_ul INTEGER NOT NULL CHECK (water_ul >= 0),
	onto TEXT NOT NULL DEFAULT 'soil'
) STRICT, WITHOUT ROWID;
CREATE INDEX dilution_by_lot ON dilution (lot_id);

-- A watering that was a stop of a programme's round, by the local day it was due.
CREATE TABLE programme_stop (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	programme_id INTEGER NOT NULL REFERENCES thing (id),
	due TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX programme_stop_by_programme ON programme_stop (programme_id, due);

-- Where the books are kept, as it was then, and how figures are told. Who keeps them are things: persons.
CREATE TABLE settings_version (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	place_version_id INTEGER REFERENCES thing_version (id),
	time_zone TEXT NOT NULL,
	system TEXT
) STRICT;
