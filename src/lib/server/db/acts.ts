import { z } from 'zod';
import { jsonOf } from './json';
import type { Db } from './open';
import { changed, revisionReader, tableRevisions } from './revision';
import { writing } from './writing';

/** An act as written. */
export interface Act {
	readonly id: string;
	readonly seq: number;
	readonly verb: string;
	readonly happenedAt_ms: number;
	readonly recordedAt_ms: number;
	readonly person: string;
	readonly note: string;
	/** As typed, field by field; what came without a form keeps its resolved input here too. */
	readonly typed: Readonly<Record<string, unknown>>;
	/** The same in SI, as the use case took it. */
	readonly resolved: Readonly<Record<string, unknown>>;
	readonly resultPath: string;
	readonly reversesId: string | null;
	readonly reversed: boolean;
}

interface ActRow {
	id: string;
	seq: number;
	verb: string;
	happened_at_ms: number;
	recorded_at_ms: number;
	person: string;
	note: string;
	typed_json: string;
	resolved_json: string;
	result_path: string;
	reverses_id: string | null;
	reversed: number;
}

export const readFields = jsonOf<Record<string, unknown>>(z.record(z.string(), z.unknown()));

const toAct = (row: ActRow): Act => ({
	id: row.id,
	seq: row.seq,
	verb: row.verb,
	happenedAt_ms: row.happened_at_ms,
	recordedAt_ms: row.recorded_at_ms,
	person: row.person,
	note: row.note,
	typed: readFields(row.typed_json),
	resolved: readFields(row.resolved_json),
	resultPath: row.result_path,
	reversesId: row.reverses_id,
	reversed: row.reversed === 1
});

const columns = `a.id, a.seq, a.verb, a.happened_at_ms, a.recorded_at_ms, a.person, a.note, a.typed_json, a.resolved_json, a.result_path, a.reverses_id,
	EXISTS (SELECT 1 FROM act r WHERE r.reverses_id = a.id) AS reversed`;

export function actStore(db: Db) {
	const maybeOne = db.prepare<{ id: string }, ActRow>(
		`SELECT ${columns} FROM act a WHERE a.id = @id`
	);
	const insert = writing(
		db,
		`INSERT INTO act (id, seq, verb, happened_at_ms, recorded_at_ms, person, note, typed_json, resolved_json, result_path, reverses_id)
		 VALUES (@id, (SELECT coalesce(max(seq), 0) + 1 FROM act), @verb, @happenedAt_ms, @recordedAt_ms, @person, @note, @typed, @resolved, @resultPath, @reversesId)`
	);
	const about = db.prepare<{ thingId: number }, ActRow>(
		`SELECT ${columns} FROM act_subject t JOIN act a ON a.id = t.act_id
		 WHERE t.thing_id = @thingId ORDER BY a.happened_at_ms, a.seq`
	);
	const idsAbout = db
		.prepare<{ thingId: number }, string>(
			`SELECT a.id FROM act_subject t JOIN act a ON a.id = t.act_id
			 WHERE t.thing_id = @thingId ORDER BY a.happened_at_ms DESC, a.seq DESC`
		)
		.pluck();
	const some = db.prepare<{ ids: string }, ActRow>(
		`SELECT ${columns} FROM json_each(@ids) i CROSS JOIN act a ON a.id = i.value ORDER BY a.happened_at_ms, a.seq`
	);
	const thingsSince = db
		.prepare<{ seq: number }, number>(
			'SELECT DISTINCT s.thing_id FROM act a CROSS JOIN act_subject s ON s.act_id = a.id WHERE a.seq > @seq'
		)
		.pluck();
	const revision = revisionReader(db);
	const revisionOf = tableRevisions(db);
	// Each has the next number, and none is ever taken away.
	const size = db.prepare<[], { n: number }>('SELECT coalesce(max(seq), 0) AS n FROM act');
	const ofBatch = db
		.prepare<{ batch: string }, string>(
			`SELECT a.id FROM act a WHERE a.id > @batch || '-' AND a.id < @batch || '.' AND a.reverses_id IS NULL
			 AND NOT EXISTS (SELECT 1 FROM act r WHERE r.reverses_id = a.id) ORDER BY a.seq DESC`
		)
		.pluck();
	const ofRound = db.prepare<{ id: string }, ActRow>(
		`SELECT ${columns} FROM act a WHERE a.id > @id || '.' AND a.id < @id || '/' AND a.reverses_id IS NULL
		 AND NOT EXISTS (SELECT 1 FROM act r WHERE r.reverses_id = a.id) ORDER BY a.seq DESC`
	);
	const recent = db.prepare<{ most: number }, ActRow>(
		`SELECT ${columns} FROM act a ORDER BY a.recorded_at_ms DESC, a.seq DESC LIMIT @most`
	);
	return {
		maybeOne: (id: string): Act | null => {
			const row = maybeOne.get({ id });
			return row ? toAct(row) : null;
		},
		insert: (act: Omit<Act, 'seq' | 'reversed'>): void => {
			if (act.reversesId !== null) changed(db);
			insert.run({
				...act,
				typed: JSON.stringify(act.typed),
				resolved: JSON.stringify(act.resolved)
			});
		},
		/** Everything done with a thing, or by a person, oldest first. */
		about: (thingId: number): Act[] => about.all({ thingId }).map(toAct),
		/** The ids of them alone, newest first. */
		idsAbout: (thingId: number): string[] => idsAbout.all({ thingId }),
		/** Some acts, oldest first. */
		some: (ids: readonly string[]): Act[] => some.all({ ids: JSON.stringify(ids) }).map(toAct),
		/** The number of the newest act; 0 while there is none. */
		newest: (): number => Number.parseInt(revision(), 10) || 0,
		/** What acts entered after that number are about. */
		thingsSince: (seq: number): number[] => thingsSince.all({ seq }),
		/** Of the books and of every series in them: as long as it is the same, so is every answer. */
		revision,
		/** The same of some tables alone. */
		revisionOf,
		count: (): number => size.get()?.n ?? 0,
		/** Acts of a batch that still stand, newest first: their ids begin with its name. */
		standingOfBatch: (batch: string): string[] => ofBatch.all({ batch }),
		/** Acts that one form wrote, numbered from its own id, and that still stand; newest first. */
		ofRound: (id: string): Act[] => ofRound.all({ id }).map(toAct),
		recent: (most: number): Act[] => recent.all({ most }).map(toAct)
	};
}
