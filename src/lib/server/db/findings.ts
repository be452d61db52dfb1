import { celsius, type Celsius } from '../../core/units';
import { readFound, type Doing, type FoundOf, type What } from './finding-kinds';
import { inStockLots } from './lot-row';
import { toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

export type { BrewStart, Doing, FoundOf, What } from './finding-kinds';

/** Something seen, read, smelt or done at a thing, with who and when. */
export interface Finding<K extends What = What> {
	readonly actId: string;
	readonly thingId: number;
	readonly what: K;
	readonly found: FoundOf[K];
	readonly at_ms: number;
	readonly person: string;
	/** Local days between which it holds, where it holds for some. */
	readonly firstDay: string | null;
	readonly lastDay: string | null;
	/** How it is known: "grower", or how it was read; empty where there is but one way. */
	readonly way: string;
}

export interface NewFinding<K extends What = What> {
	readonly actId: string;
	readonly thingId: number;
	readonly what: K;
	readonly found?: FoundOf[K];
	readonly firstDay?: string | undefined;
	readonly lastDay?: string | undefined;
	readonly way?: string;
}

/** Something seen, in words. */
export interface Remark {
	readonly actId: string;
	readonly words: string;
	readonly at_ms: number;
	readonly person: string;
}

export interface TemperatureReading {
	readonly actId: string;
	readonly temperature: Celsius;
	readonly at_ms: number;
	readonly person: string;
}

interface FindingRow extends Omit<Finding, 'found'> {
	readonly found_json: string;
}

const findingSql = `SELECT f.act_id AS actId, f.thing_id AS thingId, f.what, f.found_json, f.first_day AS firstDay, f.last_day AS lastDay, f.way,
	a.happened_at_ms AS at_ms, a.person FROM finding f JOIN standing_act a ON a.id = f.act_id`;
const newestFirst = 'ORDER BY a.happened_at_ms DESC, a.seq DESC, f.id DESC';

const toFinding = <K extends What>({ found_json, ...row }: FindingRow): Finding<K> => ({
	...row,
	what: row.what as K,
	found: readFound(row.what, found_json) as FoundOf[K]
});

/** The newest finding of some sorts at the thing of a row, as one column of another query. */
export const newestFound = (what: What, thing: string, column = 'f.found_json'): string =>
	`(SELECT ${column} FROM finding f JOIN standing_act fa ON fa.id = f.act_id WHERE f.thing_id = ${thing} AND f.what = '${what}'
		ORDER BY fa.happened_at_ms DESC, fa.seq DESC LIMIT 1)`;

/** When something was first or last done with a thing. */
export const doneAt = (what: Doing, which: 'min' | 'max', thing: string): string =>
	`(SELECT ${which}(fa.happened_at_ms) FROM finding f JOIN standing_act fa ON fa.id = f.act_id WHERE f.thing_id = ${thing} AND f.what = '${what}')`;

/** As many as a page tells. */
const mostRemarks = 12;

/** What was found at things of every kind: time-stamped, never overwritten. */
export function findingStore(db: Db) {
	const of = db.prepare<{ thingId: number; whats: string }, FindingRow>(
		`${findingSql} WHERE f.thing_id = @thingId AND (@whats = '[]' OR f.what IN (SELECT value FROM json_each(@whats))) ${newestFirst}`
	);
	const newest = db.prepare<{ thingId: number; what: string; most: number }, FindingRow>(
		`${findingSql} WHERE f.thing_id = @thingId AND f.what = @what ${newestFirst} LIMIT @most`
	);
	const inStock = db.prepare<{ whats: string }, FindingRow>(
		`${findingSql} WHERE f.thing_id IN ${inStockLots} AND (@whats = '[]' OR f.what IN (SELECT value FROM json_each(@whats))) ${newestFirst}`
	);
	const everywhere = db.prepare<{ what: string }, FindingRow>(
		`${findingSql} WHERE f.what = @what ${newestFirst}`
	);
	const insert = writing(
		db,
		`INSERT INTO finding (act_id, thing_id, what, found_json, first_day, last_day, way)
		 VALUES (@actId, @thingId, @what, @found, @firstDay, @lastDay, @way)`
	);
	/** Of one thing, newest first; of every sort where none is named. */
	const all = <K extends What>(thingId: number, ...sorts: readonly K[]): Finding<K>[] =>
		of.all({ thingId, whats: JSON.stringify(sorts) }).map((row) => toFinding<K>(row));
	return {
		of: all,
		/** Of one sort, of every thing, newest first: for what is found seldom. */
		everywhere: <K extends What>(what: K): Finding<K>[] =>
			everywhere.all({ what }).map((row) => toFinding<K>(row)),
		/** Of every lot in stock, newest first; of every sort where none is named. */
		inStock: <K extends What>(...sorts: readonly K[]): Finding<K>[] =>
			inStock.all({ whats: JSON.stringify(sorts) }).map((row) => toFinding<K>(row)),
		insert: <K extends What>({
			found,
			firstDay,
			lastDay,
			way = '',
			...row
		}: NewFinding<K>): void => {
			insert.run({
				...row,
				found: toJson(found ?? {}, (text) => readFound(row.what, text)),
				firstDay: firstDay ?? null,
				lastDay: lastDay ?? null,
				way
			});
		},
		/** The newest, newest first: its books have the rest. */
		remarks: (thingId: number, most = mostRemarks): Remark[] =>
			newest
				.all({ thingId, what: 'remark', most })
				.map((row) => toFinding<'remark'>(row))
				.map(({ found, actId, at_ms, person }) => ({ actId, at_ms, person, ...found })),
		/** Newest first. */
		temperatures: (thingId: number): TemperatureReading[] =>
			all(thingId, 'temperature').map(toTemperature)
	};
}

export const toTemperature = ({
	found,
	actId,
	at_ms,
	person
}: Finding<'temperature'>): TemperatureReading => ({
	actId,
	at_ms,
	person,
	temperature: celsius(found.temperature_c)
});
