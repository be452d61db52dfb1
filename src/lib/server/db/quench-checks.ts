import { z } from 'zod';
import type { CheckedPlace, QuenchCheck } from '../../core/fires';
import { celsius } from '../../core/units';
import { groupBy } from './group';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

export interface Check extends QuenchCheck {
	readonly actId: string;
	readonly person: string;
}

interface CheckRow {
	act_id: string;
	burn_id: number;
	lot_id: number | null;
	places_json: string;
	smoke: number;
	white_spots: number;
	air_c: number | null;
	whole_series: number;
	happened_at_ms: number;
	person: string;
}

export const readPlaces = jsonOf<CheckedPlace[]>(
	z.array(z.looseObject({ probe: z.number().optional(), heatFelt: z.boolean().optional() }))
);

const toCheck = (row: CheckRow): Check => ({
	actId: row.act_id,
	person: row.person,
	at_ms: row.happened_at_ms,
	places: readPlaces(row.places_json),
	smoke: row.smoke === 1,
	whiteSpots: row.white_spots === 1,
	...(row.air_c === null ? {} : { air: celsius(row.air_c) }),
	...(row.whole_series === 1 ? { wholeSeries: true } : {})
});

/** Checks of quenched char, place by place. */
export function quenchCheckStore(db: Db) {
	const checks = db.prepare<{ burnId: number }, CheckRow>(
		`SELECT q.*, a.happened_at_ms, a.person FROM quench_check q JOIN standing_act a ON a.id = q.act_id WHERE q.burn_id = @burnId AND q.drained = 0 ORDER BY a.happened_at_ms, a.seq`
	);
	const ofLot = db.prepare<{ lotId: number }, CheckRow>(
		`SELECT q.*, a.happened_at_ms, a.person FROM quench_check q JOIN standing_act a ON a.id = q.act_id WHERE q.lot_id = @lotId AND q.drained = 1 ORDER BY a.happened_at_ms, a.seq`
	);
	const ofMany = db.prepare<{ burnIds: string }, CheckRow>(
		`SELECT q.*, a.happened_at_ms, a.person FROM json_each(@burnIds) b CROSS JOIN quench_check q ON q.burn_id = b.value AND q.drained = 0
		 CROSS JOIN standing_act a ON a.id = q.act_id ORDER BY a.happened_at_ms, a.seq`
	);
	const ofLots = db.prepare<{ lotIds: string }, CheckRow>(
		`SELECT q.*, a.happened_at_ms, a.person FROM json_each(@lotIds) l CROSS JOIN quench_check q ON q.lot_id = l.value AND q.drained = 1
		 CROSS JOIN standing_act a ON a.id = q.act_id ORDER BY a.happened_at_ms, a.seq`
	);
	const insert = writing(
		db,
		`INSERT INTO quench_check (act_id, burn_id, lot_id, drained, places_json, smoke, white_spots, air_c, whole_series)
		 VALUES (@actId, @burnId, @lotId, @drained, @places, @smoke, @whiteSpots, @air, @wholeSeries)`
	);
	return {
		/** Of the fire where it was quenched; oldest first. */
		of: (burnId: number): Check[] => checks.all({ burnId }).map(toCheck),
		/** The same of many fires at once, by their ids. */
		ofMany: (burnIds: readonly number[]): ReadonlyMap<number, readonly Check[]> =>
			groupBy(ofMany.all({ burnIds: JSON.stringify(burnIds) }), ({ burn_id }) => burn_id, toCheck),
		/** Of many soaks when they were drained, by their lots. */
		ofLots: (lotIds: readonly number[]): ReadonlyMap<number, readonly Check[]> =>
			groupBy(ofLots.all({ lotIds: JSON.stringify(lotIds) }), ({ lot_id }) => lot_id ?? 0, toCheck),
		/** Of a soak when it was drained; oldest first. */
		ofLot: (lotId: number): Check[] => ofLot.all({ lotId }).map(toCheck),
		insert: (
			check: Omit<Check, 'person' | 'at_ms'> & {
				readonly burnId: number;
				/** Its char, where it is measured; or the soak that was drained. */
				readonly lotId: number | null;
				readonly drained: boolean;
			}
		): void => {
			insert.run({
				actId: check.actId,
				burnId: check.burnId,
				lotId: check.lotId,
				drained: check.drained ? 1 : 0,
				places: toJson(check.places, readPlaces),
				smoke: check.smoke ? 1 : 0,
				whiteSpots: check.whiteSpots ? 1 : 0,
				air: check.air ?? null,
				wholeSeries: check.wholeSeries ? 1 : 0
			});
		}
	};
}
