import { groundsStore } from './grounds';
import type { Db } from './open';

/** Where what is kept of an act is not what its rows say. */
export interface Unlike {
	readonly actId: string;
	readonly isMissing: boolean;
	readonly what: 'is about' | 'rests on';
}

/** Temporary tables go before those of the books under the same name: the very statements that derived them fill these. */
const anew = `
	CREATE TEMP TABLE act_subject (act_id TEXT NOT NULL, thing_id INTEGER NOT NULL, PRIMARY KEY (thing_id, act_id)) WITHOUT ROWID;
	CREATE TEMP TABLE act_rests_on (act_id TEXT NOT NULL, on_act_id TEXT NOT NULL, PRIMARY KEY (on_act_id, act_id)) WITHOUT ROWID;`;
const away = 'DROP TABLE IF EXISTS temp.act_subject; DROP TABLE IF EXISTS temp.act_rests_on;';

/** A person is found by a name, which may have become theirs, or somebody else's, since. */
const ofThings = "JOIN thing t ON t.id = e.thing_id AND t.kind <> 'person'";
const differences: readonly (Omit<Unlike, 'actId'> & { readonly sql: string })[] = [
	{
		what: 'is about',
		isMissing: true,
		sql: `SELECT e.act_id FROM (SELECT * FROM temp.act_subject EXCEPT SELECT * FROM main.act_subject) e ${ofThings}`
	},
	{
		what: 'is about',
		isMissing: false,
		sql: `SELECT e.act_id FROM (SELECT * FROM main.act_subject EXCEPT SELECT * FROM temp.act_subject) e ${ofThings}`
	},
	{
		what: 'rests on',
		isMissing: true,
		sql: 'SELECT act_id FROM (SELECT * FROM temp.act_rests_on EXCEPT SELECT * FROM main.act_rests_on)'
	},
	{
		// What let an act through is told by no row of it, and what it rested on may be reversed now; but it went before.
		what: 'rests on',
		isMissing: false,
		sql: 'SELECT r.act_id FROM main.act_rests_on r JOIN act a ON a.id = r.act_id JOIN act o ON o.id = r.on_act_id WHERE o.seq >= a.seq'
	}
];

/** Derive anew what every act is about and rests on, and hold it against what is kept. */
export function unlikeDerived(db: Db): readonly Unlike[] {
	db.exec(anew);
	try {
		deriveAll(db);
		return differences.flatMap(({ sql, ...how }) =>
			db
				.prepare<[], string>(sql)
				.pluck()
				.all()
				.map((actId) => ({ actId, ...how }))
		);
	} finally {
		db.exec(away);
	}
}

function deriveAll(db: Db): void {
	const grounds = groundsStore(db);
	const tables = new Set(
		db.prepare<[], string>("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all()
	);
	const acts = db
		.prepare<[], { id: string; person: string; reversesId: string | null }>(
			'SELECT id, person, reverses_id AS reversesId FROM act ORDER BY seq'
		)
		.all();
	for (const { id, person, reversesId } of acts)
		if (reversesId === null) grounds.derive({ actId: id, person }, tables);
		else grounds.copySubjects(id, reversesId);
}
