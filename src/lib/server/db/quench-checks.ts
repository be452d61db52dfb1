import type { CheckedPlace, QuenchCheck } from '../../core/fires';
import type { Db } from './open';

export interface Check extends QuenchCheck {
	readonly actId: string;
	readonly person: string;
}

interface CheckRow {
	act_id: string;
	burn_id: number;
	places_json: string;
	smoke: number;
	white_spots: number;
	happened_at_ms: number;
	person: string;
}

const toCheck = (row: CheckRow): Check => ({
	actId: row.act_id,
	person: row.person,
	at_ms: row.happened_at_ms,
	places: JSON.parse(row.places_json) as CheckedPlace[],
	smoke: row.smoke === 1,
	whiteSpots: row.white_spots === 1
});

/** Checks of quenched char, place by place. */
export function quenchCheckStore(db: Db) {
	const checks = db.prepare<{ burnId: number }, CheckRow>(
		`SELECT q.*, a.happened_at_ms, a.person FROM quench_check q JOIN standing_act a ON a.id = q.act_id WHERE q.burn_id = @burnId ORDER BY a.happened_at_ms, a.seq`
	);
	const insert = db.prepare(
		'INSERT INTO quench_check (act_id, burn_id, places_json, smoke, white_spots) VALUES (@actId, @burnId, @places, @smoke, @whiteSpots)'
	);
	return {
		/** Oldest first. */
		of: (burnId: number): Check[] => checks.all({ burnId }).map(toCheck),
		insert: (check: {
			actId: string;
			burnId: number;
			places: readonly CheckedPlace[];
			smoke: boolean;
			whiteSpots: boolean;
		}): void => {
			insert.run({
				...check,
				places: JSON.stringify(check.places),
				smoke: check.smoke ? 1 : 0,
				whiteSpots: check.whiteSpots ? 1 : 0
			});
		}
	};
}
