-- Char that no fire here made: bought or given. Its row of a fire is empty, and where it is from stands beside it.
CREATE TABLE char_lot_0005 (
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
INSERT INTO char_lot_0005 (lot_id, act_id, burn_id, state, wood, wetness, density_kg_per_l, density_low_kg_per_l, density_high_kg_per_l, density_from_json)
	SELECT lot_id, act_id, burn_id, state, wood, wetness, density_kg_per_l, density_low_kg_per_l, density_high_kg_per_l, density_from_json FROM char_lot;
DROP TABLE char_lot;
ALTER TABLE char_lot_0005 RENAME TO char_lot;
CREATE INDEX char_lot_by_burn ON char_lot (burn_id);
CREATE TRIGGER char_lot_no_update BEFORE UPDATE ON char_lot BEGIN SELECT RAISE(ABORT, 'char_lot is append-only'); END;
CREATE TRIGGER char_lot_no_delete BEFORE DELETE ON char_lot BEGIN SELECT RAISE(ABORT, 'char_lot is append-only'); END;

-- What is found of a char: dried or wetted, rinsed, tried for quality, sieved.
CREATE TABLE char_reading (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	kind TEXT NOT NULL,
	found_json TEXT NOT NULL CHECK (json_valid(found_json))
) STRICT, WITHOUT ROWID;
CREATE INDEX char_reading_by_lot ON char_reading (lot_id);
CREATE TRIGGER char_reading_no_update BEFORE UPDATE ON char_reading BEGIN SELECT RAISE(ABORT, 'char_reading is append-only'); END;
CREATE TRIGGER char_reading_no_delete BEFORE DELETE ON char_reading BEGIN SELECT RAISE(ABORT, 'char_reading is append-only'); END;

-- A recipe of the grower's own: a school, and what it is varied by.
CREATE TABLE own_recipe (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	name TEXT NOT NULL,
	school TEXT NOT NULL,
	varied_json TEXT NOT NULL CHECK (json_valid(varied_json))
) STRICT, WITHOUT ROWID;
CREATE TRIGGER own_recipe_no_update BEFORE UPDATE ON own_recipe BEGIN SELECT RAISE(ABORT, 'own_recipe is append-only'); END;
CREATE TRIGGER own_recipe_no_delete BEFORE DELETE ON own_recipe BEGIN SELECT RAISE(ABORT, 'own_recipe is append-only'); END;

-- What a test looked at one by one, its cress as counted, the pH that was read.
ALTER TABLE ready_test ADD COLUMN found_json TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(found_json));
