import type { Db } from './open';

interface Moved {
	readonly id: string;
	readonly happened_at_ms: number;
}

/** An act that a proof lets go on, with what it asked for and the lot it took from. */
interface MovedOn extends Moved {
	readonly verb: string;
	readonly resolved: Readonly<Record<string, unknown>>;
	readonly lot_id: number;
}

/** Which standing acts would lose their ground with another: what a reversal has to ask. */
export function dependentStore(db: Db) {
	const direct = db.prepare<{ actId: string }, { id: string }>(
		`WITH made AS (SELECT id FROM lot WHERE act_id = @actId),
			fired AS (SELECT id AS burn_id FROM burn WHERE act_id = @actId UNION SELECT burn_id FROM burn_record WHERE act_id = @actId),
			-- A bed rests on its one standing measurement.
			bedded AS (SELECT bed_id FROM bed_version v WHERE act_id = @actId AND NOT EXISTS (
				SELECT 1 FROM bed_version o JOIN standing_act s ON s.id = o.act_id WHERE o.bed_id = v.bed_id AND o.act_id <> @actId))
			SELECT DISTINCT a.id FROM standing_act a WHERE a.id <> @actId AND a.id IN (
				SELECT act_id FROM movement WHERE lot_id IN (SELECT id FROM made)
				UNION ALL SELECT act_id FROM moisture_reading WHERE lot_id IN (SELECT id FROM made)
				UNION ALL SELECT act_id FROM quarantine WHERE lot_id IN (SELECT id FROM made)
				UNION ALL SELECT act_id FROM ready_test WHERE lot_id IN (SELECT id FROM made)
				UNION ALL SELECT act_id FROM density_reading WHERE lot_id IN (SELECT id FROM made)
				UNION ALL SELECT act_id FROM temperature_reading WHERE lot_id IN (SELECT id FROM made) OR burn_id IN (SELECT burn_id FROM fired)
				UNION ALL SELECT act_id FROM remark WHERE lot_id IN (SELECT id FROM made) OR burn_id IN (SELECT burn_id FROM fired)
				UNION ALL SELECT act_id FROM remark WHERE bed_id IN (SELECT bed_id FROM bedded)
				UNION ALL SELECT act_id FROM quench_check WHERE burn_id IN (SELECT burn_id FROM fired)
				UNION ALL SELECT act_id FROM quench_check WHERE lot_id IN (SELECT id FROM made)
				UNION ALL SELECT act_id FROM drained WHERE lot_id IN (SELECT id FROM made)
				UNION ALL SELECT r.act_id FROM burn_record r WHERE r.burn_id IN (SELECT id FROM burn WHERE act_id = @actId)
				-- What left a lot after it was re-measured took grams by the new density.
				UNION ALL SELECT m.act_id FROM density_reading d CROSS JOIN act da ON da.id = d.act_id
					CROSS JOIN movement m ON m.lot_id = d.lot_id AND m.volume_ml <= 0 CROSS JOIN act ma ON ma.id = m.act_id AND ma.seq > da.seq
					WHERE d.act_id = @actId
				UNION ALL SELECT act_id FROM spread WHERE bed_id IN (SELECT bed_id FROM bedded)
			)`
	);
	const checkOf = db.prepare<{ actId: string }, { burn_id: number }>(
		'SELECT burn_id FROM quench_check WHERE act_id = @actId'
	);
	const movedOn = db.prepare<{ burnId: number }, Omit<MovedOn, 'resolved'> & { json: string }>(
		`WITH char AS (SELECT lot_id FROM char_lot WHERE burn_id = @burnId),
			charged AS (SELECT c.lot_id FROM charge c JOIN lot l ON l.id = c.lot_id
				WHERE l.act_id IN (SELECT m.act_id FROM movement m WHERE m.lot_id IN (SELECT lot_id FROM char) AND m.volume_ml < 0))
		 SELECT DISTINCT a.id, a.verb, a.happened_at_ms, a.resolved_json AS json, m.lot_id
		 FROM movement m JOIN standing_act a ON a.id = m.act_id
		 WHERE m.lot_id IN (SELECT lot_id FROM char UNION ALL SELECT lot_id FROM charged) AND m.volume_ml < 0
			AND a.verb IN ('crush', 'charge', 'spread', 'give-away')`
	);
	const spreadUnasked = db.prepare<{ lotId: number }, Moved>(
		`SELECT a.id, a.happened_at_ms FROM spread s JOIN standing_act a ON a.id = s.act_id
		 WHERE s.lot_id = @lotId AND s.reason = ''`
	);
	return {
		/** Acts on what this act made, measured or recorded. */
		direct: (actId: string): string[] => direct.all({ actId }).map(({ id }) => id),
		/** The burn that this act was a check of. */
		checkOf: (actId: string): { readonly burn_id: number } | undefined => checkOf.get({ actId }),
		/** Acts that took char of a burn, raw or charged, as its proof let them. */
		movedOn: (burnId: number): MovedOn[] =>
			movedOn.all({ burnId }).map(({ json, ...row }) => ({
				...row,
				resolved: JSON.parse(json) as MovedOn['resolved']
			})),
		/** Spreads of a lot that gave no reason. */
		spreadUnasked: (lotId: number): Moved[] => spreadUnasked.all({ lotId })
	};
}
