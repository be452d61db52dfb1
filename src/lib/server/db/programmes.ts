import type { Phase, RecipeId } from '../../core/brews';
import type { Db } from './open';

/** A programme as it was set. */
export interface Programme {
	readonly name: string;
	readonly recipe: RecipeId;
	readonly phases: readonly Phase[];
	/** Parts of water to one of brew. */
	readonly parts: number;
	readonly onto: 'soil' | 'leaves';
	/** Beds, each with the litres it gets diluted. */
	readonly stops: readonly { readonly bed: string; readonly total_l: number }[];
	/** What its brews are expected to stand at, °C. */
	readonly temperature_c: number;
}

interface ProgrammeRow {
	name: string;
	set_json: string;
	ended: number;
}

/** Programmes of waterings: the newest of a name stands. */
export function programmeStore(db: Db) {
	const all = db.prepare<[], ProgrammeRow>(
		`SELECT p.name, p.set_json, p.ended FROM programme p JOIN standing_act a ON a.id = p.act_id ORDER BY a.seq DESC`
	);
	const stops = db.prepare<{ name: string }, { due: string; at_ms: number }>(
		`SELECT s.due, min(a.happened_at_ms) AS at_ms FROM programme_stop s JOIN standing_act a ON a.id = s.act_id
		 WHERE s.programme = @name GROUP BY s.due ORDER BY s.due`
	);
	const insert = db.prepare(
		'INSERT INTO programme (act_id, name, set_json, ended) VALUES (@actId, @name, @set, @ended)'
	);
	const insertStop = db.prepare(
		'INSERT INTO programme_stop (act_id, programme, due) VALUES (@actId, @programme, @due)'
	);
	const standing = (): Programme[] => {
		const byName = new Map<string, Programme | null>();
		for (const { name, set_json, ended } of all.all())
			if (!byName.has(name))
				byName.set(
					name,
					ended ? null : { name, ...(JSON.parse(set_json) as Omit<Programme, 'name'>) }
				);
		return [...byName.values()].filter((one) => one !== null).reverse();
	};
	return {
		/** Those that have not ended, the oldest first. */
		standing,
		maybeOne: (name: string): Programme | null =>
			standing().find((one) => one.name === name) ?? null,
		/** Rounds that were walked, by the day they were due. */
		rounds: (name: string): { due: string; at_ms: number }[] => stops.all({ name }),
		insert: (actId: string, { name, ...set }: Programme, ended = false): void => {
			insert.run({ actId, name, set: JSON.stringify(set), ended: ended ? 1 : 0 });
		},
		insertStop: (stop: { actId: string; programme: string; due: string }): void => {
			insertStop.run(stop);
		}
	};
}
