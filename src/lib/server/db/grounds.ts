import { accounts } from '../../core/ledger';
import type { Db } from './open';

/** What an act can be about. */
export type SubjectKind = 'lot' | 'bed' | 'burn' | 'vessel';

/** A column of a table of facts that refers to something an act made. */
interface Reference {
	readonly table: string;
	readonly column: string;
	readonly to: string;
}

/** Things with an act of their own, and what they are to the person: a measuring of a vessel is the vessel. */
const made: Readonly<Record<string, { readonly subject: SubjectKind; readonly id: string }>> = {
	lot: { subject: 'lot', id: 'id' },
	bed: { subject: 'bed', id: 'id' },
	burn: { subject: 'burn', id: 'id' },
	vessel: { subject: 'vessel', id: 'id' },
	vessel_version: { subject: 'vessel', id: 'vessel_id' }
};
const derived = new Set(['act_subject', 'act_rests_on']);

/**
 * What every act is about and what it rests on, for all rooms alike: read off its movements and the
 * foreign keys of the rows it wrote. An act rests on the acts that made what it refers to; taking
 * from a lot, on all that altered what the lot is made of, and on what moved there before that did, since it
 * was altered by so much of what was there; an amount that follows from what was there
 * (a recount, a better density), on everything that moved there before.
 */
export function groundsStore(db: Db) {
	const references = referencesIn(db);
	const subjects = references.map(({ table, column, to }) => {
		const { subject, id } = made[to]!;
		return db.prepare<{ actId: string }>(
			`INSERT OR IGNORE INTO act_subject (act_id, subject, subject_id)
			 SELECT @actId, '${subject}', o."${id}" FROM "${table}" t JOIN "${to}" o ON o.id = t."${column}" WHERE t.act_id = @actId`
		);
	});
	const own = Object.entries(made).map(([table, { subject, id }]) =>
		db.prepare<{ actId: string }>(
			`INSERT OR IGNORE INTO act_subject (act_id, subject, subject_id)
			 SELECT @actId, '${subject}', "${id}" FROM "${table}" WHERE act_id = @actId`
		)
	);
	const makers = references.map(({ table, column, to }) =>
		db.prepare<{ actId: string }>(
			`INSERT OR IGNORE INTO act_rests_on (act_id, on_act_id)
			 SELECT @actId, o.act_id FROM "${table}" t JOIN "${to}" o ON o.id = t."${column}"
			 WHERE t.act_id = @actId AND o.act_id <> @actId`
		)
	);
	const before = `INSERT OR IGNORE INTO act_rests_on (act_id, on_act_id)
		SELECT @actId, e.act_id FROM movement m JOIN movement e ON e.lot_id = m.lot_id AND e.act_id <> @actId
		JOIN standing_act a ON a.id = e.act_id WHERE m.act_id = @actId`;
	const altered = db.prepare<{ actId: string }>(
		`${before} AND m.direction = 'out' AND (e.alters = 1 OR EXISTS (
			SELECT 1 FROM movement x JOIN standing_act xa ON xa.id = x.act_id
			WHERE x.lot_id = m.lot_id AND x.alters = 1 AND x.act_id <> @actId
				AND (x.happened_at_ms, x.id) > (e.happened_at_ms, e.id)))`
	);
	const relative = accounts.filter(({ isRelative }) => isRelative).map(({ id }) => `'${id}'`);
	const moved = db.prepare<{ actId: string }>(
		`${before} AND EXISTS (SELECT 1 FROM movement r WHERE r.act_id = @actId AND r.account IN (${relative.join(', ')}))`
	);
	const insertRest = db.prepare(
		'INSERT OR IGNORE INTO act_rests_on (act_id, on_act_id) VALUES (@actId, @onActId)'
	);
	const copySubjects = db.prepare(
		`INSERT OR IGNORE INTO act_subject (act_id, subject, subject_id)
		 SELECT @actId, subject, subject_id FROM act_subject WHERE act_id = @targetId`
	);
	const resting = db
		.prepare<{ actId: string }, string>(
			`SELECT a.id FROM act_rests_on r JOIN standing_act a ON a.id = r.act_id WHERE r.on_act_id = @actId`
		)
		.pluck();
	return {
		/**
		 * Derive both for an act that was just written.
		 * @param gates acts whose facts let it through: a passed check, a test
		 */
		derive: (actId: string, gates: readonly string[] = []): void => {
			for (const statement of [...subjects, ...own, ...makers, altered, moved])
				statement.run({ actId });
			for (const onActId of gates) if (onActId !== actId) insertRest.run({ actId, onActId });
		},
		/** A reversal is about what its target was about. */
		copySubjects: (actId: string, targetId: string): void => {
			copySubjects.run({ actId, targetId });
		},
		/** Standing acts that rest on this one and nothing between. */
		restingOn: (actId: string): string[] => resting.all({ actId })
	};
}

function referencesIn(db: Db): readonly Reference[] {
	return db
		.prepare<[], Reference>(
			`SELECT t.name AS "table", f."from" AS "column", f."table" AS "to"
			 FROM sqlite_master t JOIN pragma_foreign_key_list(t.name) f
			 WHERE t.type = 'table' AND EXISTS (SELECT 1 FROM pragma_table_info(t.name) c WHERE c.name = 'act_id')`
		)
		.all()
		.filter(({ table, to }) => !derived.has(table) && to in made);
}
