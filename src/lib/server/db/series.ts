import type { Db } from './open';
import { changed } from './revision';

/** What a device writes of a thing by itself: one quantity in one unit. */
export interface Series {
	readonly id: number;
	readonly thingId: number;
	readonly quantity: string;
	readonly unit: string;
}

/**
 * Series lie outside acts: samples are added, and thinned where a thinning says so. Every change counts in
 * their revision, which is part of the key of what is remembered.
 */
export function seriesStore(db: Db) {
	const all = db.prepare<{ thingId: number }, Series>(
		'SELECT id, thing_id AS thingId, quantity, unit FROM series WHERE thing_id = @thingId ORDER BY id'
	);
	const insert = db.prepare(
		'INSERT INTO series (thing_id, quantity, unit) VALUES (@thingId, @quantity, @unit)'
	);
	const add = db.prepare(
		'INSERT INTO sample (series_id, at_ms, value) VALUES (@seriesId, @at_ms, @value)'
	);
	const between = db.prepare<
		{ seriesId: number; from_ms: number; to_ms: number },
		{ at_ms: number; value: number }
	>(
		'SELECT at_ms, value FROM sample WHERE series_id = @seriesId AND at_ms BETWEEN @from_ms AND @to_ms ORDER BY at_ms'
	);
	const tell = db.prepare(
		'INSERT INTO thinning (series_id, from_ms, to_ms, rule, at_ms) VALUES (@seriesId, @from_ms, @to_ms, @rule, @at_ms)'
	);
	const drop = db.prepare('DELETE FROM sample WHERE series_id = @seriesId AND at_ms = @at_ms');
	const thinned = db.transaction(
		(
			span: { seriesId: number; from_ms: number; to_ms: number; rule: string; at_ms: number },
			gone: readonly number[]
		) => {
			tell.run(span);
			for (const at_ms of gone) drop.run({ seriesId: span.seriesId, at_ms });
			changed(db);
		}
	);
	return {
		of: (thingId: number): Series[] => all.all({ thingId }),
		insert: (series: Omit<Series, 'id'>): number => Number(insert.run(series).lastInsertRowid),
		add: (sample: { seriesId: number; at_ms: number; value: number }): void => {
			add.run(sample);
			changed(db);
		},
		between: (seriesId: number, from_ms: number, to_ms: number) =>
			between.all({ seriesId, from_ms, to_ms }),
		/** Told first, by its rule and span, and then done: samples outside the span stay. */
		thin: thinned
	};
}
