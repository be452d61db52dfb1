-- Hours that somebody worked, with the act or by themselves, about one thing or none.
CREATE TABLE work_done (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER REFERENCES thing (id),
	stage TEXT NOT NULL,
	-- Of one head; the ends are farther apart where it was a share of a day and no clock was looked at.
	minutes REAL NOT NULL CHECK (minutes > 0),
	minutes_low REAL NOT NULL CHECK (minutes_low > 0),
	minutes_high REAL NOT NULL CHECK (minutes_high >= minutes_low),
	heads REAL NOT NULL CHECK (heads > 0)
) STRICT;
CREATE INDEX work_done_by_thing ON work_done (thing_id);

-- Cash that went out for the work, in the money of the place.
CREATE TABLE cash_paid (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	thing_id INTEGER REFERENCES thing (id),
	paid_for TEXT NOT NULL,
	paid REAL NOT NULL CHECK (paid > 0)
) STRICT;
CREATE INDEX cash_paid_by_thing ON cash_paid (thing_id);

-- What it would cost to buy what one's own stands in for; the newest of each counts.
CREATE TABLE price_told (
	id INTEGER PRIMARY KEY,
	act_id TEXT NOT NULL REFERENCES act (id),
	price_of TEXT NOT NULL,
	price REAL NOT NULL CHECK (price >= 0)
) STRICT;
