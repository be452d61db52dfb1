import { celsius, type Celsius } from '../../core/units';
import { inStockLots } from './lot-row';
import type { Db } from './open';

/** What a fact stands at: a lot, a fire or a bed, by its id. */
export type Subject =
	{ readonly lotId: number } | { readonly burnId: number } | { readonly bedId: number };

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

interface TemperatureRow {
	actId: string;
	temperature_c: number;
	at_ms: number;
	person: string;
}

interface SubjectIds {
	readonly lotId: number | null;
	readonly burnId: number | null;
	readonly bedId: number | null;
}

const ids = (subject: Subject): SubjectIds => ({
	lotId: null,
	burnId: null,
	bedId: null,
	...subject
});

/** Facts seen at lots, fires and beds: time-stamped, never overwritten. */
export function factStore(db: Db) {
	const at = '(r.lot_id = @lotId OR r.burn_id = @burnId OR r.bed_id = @bedId)';
	const remarks = db.prepare<SubjectIds, Remark>(
		`SELECT r.act_id AS actId, r.words, a.happened_at_ms AS at_ms, a.person FROM remark r JOIN standing_act a ON a.id = r.act_id
		 WHERE ${at} ORDER BY a.happened_at_ms DESC, a.seq DESC`
	);
	const insertRemark = db.prepare(
		'INSERT INTO remark (act_id, lot_id, burn_id, bed_id, words) VALUES (@actId, @lotId, @burnId, @bedId, @words)'
	);
	const temperatures = db.prepare<Omit<SubjectIds, 'bedId'>, TemperatureRow>(
		`SELECT r.act_id AS actId, r.temperature_c, a.happened_at_ms AS at_ms, a.person FROM temperature_reading r JOIN standing_act a ON a.id = r.act_id
		 WHERE (r.lot_id = @lotId OR r.burn_id = @burnId) ORDER BY a.happened_at_ms DESC, a.seq DESC`
	);
	const ofLots = db.prepare<[], TemperatureRow & { lotId: number }>(
		`SELECT r.act_id AS actId, r.lot_id AS lotId, r.temperature_c, a.happened_at_ms AS at_ms, a.person FROM temperature_reading r
		 JOIN standing_act a ON a.id = r.act_id WHERE r.lot_id IN ${inStockLots} ORDER BY a.happened_at_ms, a.seq`
	);
	const insertTemperature = db.prepare(
		'INSERT INTO temperature_reading (act_id, lot_id, burn_id, temperature_c) VALUES (@actId, @lotId, @burnId, @temperature)'
	);
	return {
		/** Newest first. */
		remarks: (subject: Subject): Remark[] => remarks.all(ids(subject)),
		insertRemark: (actId: string, subject: Subject, words: string): void => {
			insertRemark.run({ actId, ...ids(subject), words });
		},
		/** Newest first. */
		temperatures: (subject: Exclude<Subject, { bedId: number }>): TemperatureReading[] => {
			const { lotId, burnId } = ids(subject);
			return temperatures
				.all({ lotId, burnId })
				.map(({ temperature_c, ...row }) => ({ ...row, temperature: celsius(temperature_c) }));
		},
		/** Of everything in stock, oldest first. */
		temperaturesInStock: (): (TemperatureReading & { readonly lotId: number })[] =>
			ofLots
				.all()
				.map(({ temperature_c, ...row }) => ({ ...row, temperature: celsius(temperature_c) })),
		insertTemperature: (
			actId: string,
			subject: Exclude<Subject, { bedId: number }>,
			temperature: Celsius
		): void => {
			const { lotId, burnId } = ids(subject);
			insertTemperature.run({ actId, lotId, burnId, temperature });
		}
	};
}
