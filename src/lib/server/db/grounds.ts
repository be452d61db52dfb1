import { accounts } from '../../core/ledger';
import type { Db } from './open';

/** A column of a table of the books that refers to a thing, or to how one was at a time. */
interface Reference {
	readonly table: string;
	readonly column: string;
	readonly to: string;
}

/** Tables that share the key of `thing`. */
const things = new Set(['thing', 'lot', 'bed', 'burn', 'vessel']);

/** How a thing was at a time, and whose that is: what refers to one is about the thing and rests on the version. */
const versions: Readonly<Record<string, string>> = {
	vessel_version: 'vessel_id',
	bed_version: 'bed_id',
	thing_version: 'thing_id'
};
const derived = new Set(['act_subject', 'act_rests_on']);

/**
 * What every act is about and what it rests on, for all rooms alike: read off its movements and the
 * foreign keys of the rows it wrote. An act rests on the acts that made what it refers to; taking
 * from a lot, on all that altered what the lot is made of, and on what moved there before that did, since it
 * was altered by so much of what was there; an amount that follows from what was there
 * (a recount, a better density), on everything that moved there before. Only the tables it wrote are asked.
 */
export function groundsStore(db: Db) {
	const known = referencesIn(db);
	const derivations = new Map(
		[...new Set(known.map(({ table }) => table))].map((table) => {
			const references = known.filter((one) => one.table === table);
			const sqls = references.flatMap((one) => [subjectsSql(table, one), makersSql(table, one)]);
			return [table, sqls.map((sql) => db.prepare<{ actId: string }>(sql))];
		})
	);
	const before = `INSERT OR IGNORE INTO act_rests_on (act_id, on_act_id)
		SELECT @actId, e.act_id FROM movement m JOIN movement e ON e.lot_id = m.lot_id AND e.act_id <> @actId AND e.id < m.id
		JOIN standing_act a ON a.id = e.act_id WHERE m.act_id = @actId`;
	const altered = db.prepare<{ actId: string }>(
		`${before} AND m.direction = 'out' AND (e.alters = 1 OR EXISTS (
			SELECT 1 FROM movement x JOIN standing_act xa ON xa.id = x.act_id
			WHERE x.lot_id = m.lot_id AND x.alters = 1 AND x.act_id <> @actId AND x.id < m.id
				AND (x.happened_at_ms, x.id) > (e.happened_at_ms, e.id)))`
	);
	const relative = accounts.filter(({ isRelative }) => isRelative).map(({ id }) => `'${id}'`);
	const moved = db.prepare<{ actId: string }>(
		`${before} AND EXISTS (SELECT 1 FROM movement r WHERE r.act_id = @actId AND r.account IN (${relative.join(', ')}))`
	);
	const byPerson = db.prepare<{ actId: string; name: string }>(
		// By any name they ever went by: acts are signed with the one of their day.
		`INSERT OR IGNORE INTO act_subject (act_id, thing_id)
		 SELECT @actId, t.id FROM thing_name n CROSS JOIN thing t ON t.id = n.thing_id AND t.kind = 'person'
		 WHERE n.name = @name ORDER BY n.id DESC LIMIT 1`
	);
	const insertRest = db.prepare(
		'INSERT OR IGNORE INTO act_rests_on (act_id, on_act_id) VALUES (@actId, @onActId)'
	);
	const copySubjects = db.prepare(
		`INSERT OR IGNORE INTO act_subject (act_id, thing_id)
		 SELECT @actId, thing_id FROM act_subject WHERE act_id = @targetId`
	);
	const restedOn = db
		.prepare<{ ids: string }, string>(
			`SELECT DISTINCT r.on_act_id FROM json_each(@ids) i CROSS JOIN act_rests_on r ON r.on_act_id = i.value CROSS JOIN standing_act a ON a.id = r.act_id`
		)
		.pluck();
	const resting = db
		.prepare<{ actId: string }, string>(
			`SELECT a.id FROM act_rests_on r JOIN standing_act a ON a.id = r.act_id WHERE r.on_act_id = @actId`
		)
		.pluck();
	return {
		/**
		 * Derive both for an act that was just written.
		 * @param written the tables it wrote
		 * @param gates acts whose facts let it through: a passed check, a test
		 */
		derive: (
			{ actId, person }: { readonly actId: string; readonly person: string },
			written: ReadonlySet<string>,
			gates: readonly string[] = []
		): void => {
			for (const table of written)
				for (const statement of derivations.get(table) ?? []) statement.run({ actId });
			if (written.has('movement')) for (const by of [altered, moved]) by.run({ actId });
			byPerson.run({ actId, name: person });
			for (const onActId of gates) if (onActId !== actId) insertRest.run({ actId, onActId });
		},
		/** A reversal is about what its target was about. */
		copySubjects: (actId: string, targetId: string): void => {
			copySubjects.run({ actId, targetId });
		},
		/** Which of some acts any other rests on. */
		restedOn: (ids: readonly string[]): ReadonlySet<string> =>
			new Set(restedOn.all({ ids: JSON.stringify(ids) })),
		/** Standing acts that rest on this one and nothing between. */
		restingOn: (actId: string): string[] => resting.all({ actId })
	};
}

/** What a row is about, by one of its references. */
const subjectsSql = (table: string, { column, to }: Reference): string => {
	const owner = versions[to];
	const ids =
		owner === undefined
			? `SELECT @actId, t."${column}" FROM "${table}" t WHERE t.act_id = @actId AND t."${column}" IS NOT NULL`
			: `SELECT @actId, o.${owner} FROM "${table}" t JOIN "${to}" o ON o.id = t."${column}" WHERE t.act_id = @actId`;
	return `INSERT OR IGNORE INTO act_subject (act_id, thing_id) ${ids}`;
};

/** The act that made what it refers to. */
const makersSql = (table: string, { column, to }: Reference): string =>
	`INSERT OR IGNORE INTO act_rests_on (act_id, on_act_id)
	 SELECT @actId, o.act_id FROM "${table}" t JOIN "${to in versions ? to : 'thing'}" o ON o.id = t."${column}"
	 WHERE t.act_id = @actId AND o.act_id <> @actId`;

/** Read off the catalogue; a thing is its own subject. */
function referencesIn(db: Db): readonly Reference[] {
	const keys = db
		.prepare<[], Reference>(
			`SELECT t.name AS "table", f."from" AS "column", f."table" AS "to"
			 FROM sqlite_master t JOIN pragma_foreign_key_list(t.name) f
			 WHERE t.type = 'table' AND f."from" <> 'act_id'
				AND EXISTS (SELECT 1 FROM pragma_table_info(t.name) c WHERE c.name = 'act_id')`
		)
		.all()
		.filter(({ table, to }) => !derived.has(table) && (things.has(to) || to in versions));
	return [...keys, { table: 'thing', column: 'id', to: 'thing' }];
}
