-- Brews are batches (batch, ingredient, batch_place, batch_fact); what a nose said of one, and with how much
-- water it was thinned for a bed, are their own.
CREATE TABLE smell_check (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	smell TEXT NOT NULL
) STRICT;
CREATE INDEX smell_check_by_lot ON smell_check (lot_id);
CREATE INDEX smell_check_by_act ON smell_check (act_id);

CREATE TABLE dilution (
	act_id TEXT PRIMARY KEY REFERENCES act (id),
	lot_id INTEGER NOT NULL REFERENCES lot (id),
	-- Parts of water to one of brew, and the water they came to.
	parts REAL NOT NULL CHECK (parts >= 0),
	water_ul INTEGER NOT NULL CHECK (water_ul >= 0)
) STRICT, WITHOUT ROWID;
CREATE INDEX dilution_by_lot ON dilution (lot_id);
CREATE TRIGGER smell_check_no_update BEFORE UPDATE ON smell_check BEGIN SELECT RAISE(ABORT, 'smell_check is append-only'); END;
CREATE TRIGGER smell_check_no_delete BEFORE DELETE ON smell_check BEGIN SELECT RAISE(ABORT, 'smell_check is append-only'); END;
CREATE TRIGGER dilution_no_update BEFORE UPDATE ON dilution BEGIN SELECT RAISE(ABORT, 'dilution is append-only'); END;
CREATE TRIGGER dilution_no_delete BEFORE DELETE ON dilution BEGIN SELECT RAISE(ABORT, 'dilution is append-only'); END;
