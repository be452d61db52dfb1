import type { Db } from './open';
import { writing } from './writing';

/** Something that an act can be about, by the name it goes by. */
export interface Thing {
	readonly id: number;
	readonly kind: string;
	readonly name: string;
	readonly actId: string;
}

/** A thing, how it was last told, and by which version: what is made by it keeps that. */
export interface Versioned<T> extends Thing {
	readonly versionId: number;
	readonly told: T;
}

const isEnded = (id: string) =>
	`EXISTS (SELECT 1 FROM thing_end e JOIN standing_act es ON es.id = e.act_id WHERE e.thing_id = ${id})`;

/** Standing things of a kind that were neither retired nor merged, as a condition on the row `t`. */
export const inUse = (row: string): string =>
	`EXISTS (SELECT 1 FROM standing_act u WHERE u.id = ${row}.act_id) AND NOT ${isEnded(`${row}.id`)}`;

const newestName = (id: string) =>
	`(SELECT max(m.id) FROM thing_name m JOIN standing_act ms ON ms.id = m.act_id WHERE m.thing_id = ${id})`;

/**
 * The id of the thing of a kind that goes by `@name` now: one in use before one that was ended, the newest
 * before an older; of one that was merged, the thing it was merged into.
 */
export const idNamed = (kind: string): string =>
	`(WITH RECURSIVE named(id, step) AS (
		SELECT * FROM (SELECT t.id, 0 FROM thing_name n CROSS JOIN thing t ON t.id = n.thing_id AND t.kind = '${kind}'
			WHERE n.name = @name AND n.id = ${newestName('t.id')} AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = t.act_id)
			ORDER BY ${isEnded('t.id')}, t.id DESC LIMIT 1)
		UNION ALL SELECT e.into_id, step + 1 FROM named JOIN thing_end e ON e.thing_id = named.id AND e.into_id IS NOT NULL
			JOIN standing_act s ON s.id = e.act_id WHERE step < 30
	) SELECT id FROM named ORDER BY step DESC LIMIT 1)`;

/** A thing and every other that was merged into it, by their ids. */
export const mergedInto = (id: string): string =>
	`(WITH RECURSIVE same(id) AS (
		SELECT ${id} UNION SELECT e.thing_id FROM same JOIN thing_end e ON e.into_id = same.id JOIN standing_act s ON s.id = e.act_id
	) SELECT id FROM same)`;

/** Things of every kind: made, named, told how they are, retired or merged. */
export function thingStore(db: Db) {
	const insert = writing<{ kind: string; actId: string }>(
		db,
		'INSERT INTO thing (kind, act_id) VALUES (@kind, @actId)'
	);
	const insertName = writing<{ actId: string; thingId: number; name: string }>(
		db,
		'INSERT INTO thing_name (act_id, thing_id, name) VALUES (@actId, @thingId, @name)'
	);
	const insertEnd = writing<{ actId: string; thingId: number; intoId: number | null }>(
		db,
		'INSERT INTO thing_end (act_id, thing_id, into_id) VALUES (@actId, @thingId, @intoId)'
	);
	const insertVersion = writing<{ actId: string; thingId: number; told: string }>(
		db,
		'INSERT INTO thing_version (act_id, thing_id, told_json) VALUES (@actId, @thingId, @told)'
	);
	const byName = new Map<string, ReturnType<typeof named>>();
	const named = (kind: string) =>
		db.prepare<{ name: string }, Thing>(
			`SELECT c.id, c.kind, c.name, c.act_id AS actId FROM thing_called c WHERE c.id = ${idNamed(kind)}`
		);
	const inUseOf = new Map<string, ReturnType<typeof usedNamed>>();
	const usedNamed = (kind: string) =>
		db.prepare<{ name: string }, Thing>(
			`SELECT c.id, c.kind, c.name, c.act_id AS actId FROM thing_called c WHERE c.id = ${idNamed(kind)} AND ${inUse('c')}`
		);
	const ofKind = db.prepare<{ kind: string }, Thing>(
		`SELECT c.id, c.kind, c.name, c.act_id AS actId FROM thing_called c WHERE c.kind = @kind AND ${inUse('c')} ORDER BY c.id`
	);
	const everNamed = db.prepare<{ kind: string; name: string }, Thing>(
		`SELECT c.id, c.kind, c.name, c.act_id AS actId FROM thing_name n JOIN thing_called c ON c.id = n.thing_id
		 WHERE n.name = @name AND c.kind = @kind AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = c.act_id) ORDER BY n.id DESC LIMIT 1`
	);
	const byId = db.prepare<{ id: number }, Thing>(
		'SELECT c.id, c.kind, c.name, c.act_id AS actId FROM thing_called c WHERE c.id = @id'
	);
	const ended = db.prepare<{ id: number }, { actId: string; into: string | null; at_ms: number }>(
		`SELECT e.act_id AS actId, c.name AS "into", a.happened_at_ms AS at_ms FROM thing_end e JOIN standing_act a ON a.id = e.act_id
		 LEFT JOIN thing_called c ON c.id = e.into_id WHERE e.thing_id = @id ORDER BY e.id DESC LIMIT 1`
	);
	const names = db.prepare<{ id: number }, { name: string; at_ms: number }>(
		`SELECT n.name, a.happened_at_ms AS at_ms FROM thing_name n JOIN standing_act a ON a.id = n.act_id WHERE n.thing_id = @id ORDER BY n.id`
	);
	const versions = db.prepare<{ kind: string }, Thing & { versionId: number; told_json: string }>(
		// From the few things of the kind by index; where there is none the planner would go through every act.
		`SELECT c.id, c.kind, c.name, c.act_id AS actId, v.id AS versionId, v.told_json FROM thing_called c
		 CROSS JOIN thing_version v ON v.id = (SELECT max(x.id) FROM thing_version x JOIN standing_act s ON s.id = x.act_id WHERE x.thing_id = c.id)
		 WHERE c.kind = @kind AND ${inUse('c')} ORDER BY c.id`
	);
	const merges = db.prepare<{ kind: string }, { id: number; into: number }>(
		`SELECT e.thing_id AS id, e.into_id AS "into" FROM thing_end e CROSS JOIN thing t ON t.id = e.thing_id
		 WHERE t.kind = @kind AND e.into_id IS NOT NULL AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = e.act_id)`
	);
	const everMade = db
		.prepare<{ kind: string }, number>('SELECT count(*) FROM thing WHERE kind = @kind')
		.pluck();
	const maybeOne = (kind: string, name: string): Thing | null => {
		const asked = byName.get(kind) ?? named(kind);
		byName.set(kind, asked);
		return asked.get({ name }) ?? null;
	};
	return {
		/** A new thing, with the name it goes by where it has one. */
		insert: (actId: string, kind: string, name?: string): number => {
			const thingId = Number(insert.run({ kind, actId }).lastInsertRowid);
			if (name !== undefined) insertName.run({ actId, thingId, name });
			return thingId;
		},
		/** From then on it goes by another name. */
		insertName: (actId: string, thingId: number, name: string): void => {
			insertName.run({ actId, thingId, name });
		},
		/** It is used no longer; its history counts to the other, where one is named. */
		insertEnd: (actId: string, thingId: number, intoId: number | null = null): void => {
			insertEnd.run({ actId, thingId, intoId });
		},
		insertVersion: (actId: string, thingId: number, told: object): number =>
			Number(insertVersion.run({ actId, thingId, told: JSON.stringify(told) }).lastInsertRowid),
		/** So many of a kind were ever made, undone ones too: a code is never given twice. */
		countEver: (kind: string): number => everMade.get({ kind }) ?? 0,
		maybeOne,
		/** The newest that ever went by a name, by an act that was undone too: where an old address leads. */
		everNamed: (kind: string, name: string): Thing | null => everNamed.get({ kind, name }) ?? null,
		/** The one of that name that is in use. */
		inUse: (kind: string, name: string): Thing | null => {
			const asked = inUseOf.get(kind) ?? usedNamed(kind);
			inUseOf.set(kind, asked);
			return asked.get({ name }) ?? null;
		},
		byId: (id: number): Thing | null => byId.get({ id }) ?? null,
		/** Those in use, the oldest first. */
		all: (kind: string): Thing[] => ofKind.all({ kind }),
		/** Since when it is used no longer, and what it went into. */
		ended: (id: number) => ended.get({ id }),
		/** Where a thing of a kind went that was merged, in the end; itself where it was not. */
		mergedTo: (kind: string): ((id: number) => number) => {
			const into = new Map(merges.all({ kind }).map((merge) => [merge.id, merge.into]));
			const last = (id: number): number => {
				const next = into.get(id);
				return next === undefined ? id : last(next);
			};
			return last;
		},
		/** Every name it went by, the oldest first. */
		names: (id: number) => names.all({ id }),
		/** Those in use with how each was last told, the oldest first. */
		versioned: <T>(kind: string, read: (json: string) => T): Versioned<T>[] =>
			versions.all({ kind }).map(({ told_json, ...row }) => ({ ...row, told: read(told_json) }))
	};
}

export type Things = ReturnType<typeof thingStore>;
