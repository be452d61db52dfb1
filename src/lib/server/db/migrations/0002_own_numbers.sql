-- What leaves a lot otherwise than by the work gets accounts of its own: lost, given away, and the
-- grams that a better density adds or takes. Accounts become rows, so that a later room can name
-- its own without rebuilding the ledger.
CREATE TABLE account (name TEXT PRIMARY KEY) STRICT;
INSERT INTO account (name) VALUES
	('gathered'), ('gas-and-ash'), ('in-the-mix'), ('counted'), ('disposed'), ('lost'), ('given-away'), ('re-measured');

DROP VIEW flow;
CREATE TABLE movement_of_named_accounts (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER REFERENCES lot (id),
	bed_id INTEGER REFERENCES bed (id),
	account TEXT REFERENCES account (name),
	volume_ml INTEGER NOT NULL,
	dry_g INTEGER NOT NULL,
	happened_at_ms INTEGER NOT NULL,
	recorded_at_ms INTEGER NOT NULL,
	person TEXT NOT NULL,
	CHECK ((lot_id IS NOT NULL) + (bed_id IS NOT NULL) + (account IS NOT NULL) = 1)
) STRICT;
INSERT INTO movement_of_named_accounts SELECT * FROM movement;
DROP TABLE movement;
ALTER TABLE movement_of_named_accounts RENAME TO movement;
CREATE INDEX movement_by_lot ON movement (lot_id) WHERE lot_id IS NOT NULL;
CREATE INDEX movement_by_bed ON movement (bed_id) WHERE bed_id IS NOT NULL;
CREATE INDEX movement_by_act ON movement (act_id);
CREATE TRIGGER movement_keeps_balance AFTER INSERT ON movement WHEN new.lot_id IS NOT NULL
BEGIN
	INSERT INTO balance (lot_id, volume_ml, dry_g) VALUES (new.lot_id, 0, 0) ON CONFLICT (lot_id) DO NOTHING;
	UPDATE balance SET volume_ml = volume_ml + new.volume_ml, dry_g = dry_g + new.dry_g WHERE lot_id = new.lot_id;
END;
CREATE TRIGGER movement_no_update BEFORE UPDATE ON movement BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;
CREATE TRIGGER movement_no_delete BEFORE DELETE ON movement BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;

-- What went from a lot into another lot or a bed, in acts that stand. A partner brought in and used
-- up within one act gave to it and took nothing from it.
CREATE VIEW flow AS
	SELECT a.id AS act_id, a.verb, a.happened_at_ms, a.person, p.lot_id AS from_lot_id, c.lot_id AS to_lot_id, c.bed_id AS to_bed_id
	FROM standing_act a
	JOIN movement p ON p.act_id = a.id AND p.lot_id IS NOT NULL AND p.volume_ml + p.dry_g < 0
	JOIN movement c ON c.act_id = a.id AND c.volume_ml + c.dry_g > 0 AND (c.lot_id IS NOT NULL OR c.bed_id IS NOT NULL)
	WHERE NOT EXISTS (SELECT 1 FROM movement t WHERE t.act_id = a.id AND t.lot_id = c.lot_id AND t.volume_ml + t.dry_g < 0);

CREATE INDEX burn_by_act ON burn (act_id);

-- The program's own table says which schools of charging there are; a new one wants no new step here.
CREATE TABLE charge_of_any_school (
	lot_id INTEGER PRIMARY KEY REFERENCES lot (id),
	school TEXT NOT NULL,
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
INSERT INTO charge_of_any_school SELECT * FROM charge;
DROP TABLE charge;
ALTER TABLE charge_of_any_school RENAME TO charge;
CREATE TRIGGER charge_no_update BEFORE UPDATE ON charge BEGIN SELECT RAISE(ABORT, 'charge is append-only'); END;
CREATE TRIGGER charge_no_delete BEFORE DELETE ON charge BEGIN SELECT RAISE(ABORT, 'charge is append-only'); END;

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

-- All of the char of a burn, dried and weighed: with litres and a sample the third of three measures.
ALTER TABLE burn_record ADD COLUMN char_weighed_kg REAL CHECK (char_weighed_kg > 0);

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

-- What decides, beside soil and water, whether a bed gains from char.
ALTER TABLE bed_version ADD COLUMN humus TEXT NOT NULL DEFAULT 'usual' CHECK (humus IN ('poor', 'usual', 'rich'));
ALTER TABLE bed_version ADD COLUMN crop_kind TEXT NOT NULL DEFAULT 'mixed' CHECK (crop_kind IN ('mixed', 'leaf-and-fruit', 'fine-seed', 'grass-and-grain'));

CREATE TRIGGER account_no_update BEFORE UPDATE ON account BEGIN SELECT RAISE(ABORT, 'account is append-only'); END;
CREATE TRIGGER account_no_delete BEFORE DELETE ON account BEGIN SELECT RAISE(ABORT, 'account is append-only'); END;
CREATE TRIGGER density_reading_no_update BEFORE UPDATE ON density_reading BEGIN SELECT RAISE(ABORT, 'density_reading is append-only'); END;
CREATE TRIGGER density_reading_no_delete BEFORE DELETE ON density_reading BEGIN SELECT RAISE(ABORT, 'density_reading is append-only'); END;
CREATE TRIGGER temperature_reading_no_update BEFORE UPDATE ON temperature_reading BEGIN SELECT RAISE(ABORT, 'temperature_reading is append-only'); END;
CREATE TRIGGER temperature_reading_no_delete BEFORE DELETE ON temperature_reading BEGIN SELECT RAISE(ABORT, 'temperature_reading is append-only'); END;
CREATE TRIGGER remark_no_update BEFORE UPDATE ON remark BEGIN SELECT RAISE(ABORT, 'remark is append-only'); END;
CREATE TRIGGER remark_no_delete BEFORE DELETE ON remark BEGIN SELECT RAISE(ABORT, 'remark is append-only'); END;
