/**
 * A lot and all that ever went into it, through acts that stand: `up(id)`, each once, so that a culture fed from its
 * child ends the walk.
 * @param seed a SELECT of the id it begins at
 * @param only what else is asked of the lot `f` that went in
 */
export const allThatWentInto = (seed: string, only = ''): string =>
	`up(id) AS (
		${seed} UNION SELECT f.id FROM up CROSS JOIN ingredient n ON n.batch_lot_id = up.id CROSS JOIN lot f ON f.id = n.from_lot_id ${only}
			WHERE EXISTS (SELECT 1 FROM standing_act na WHERE na.id = n.act_id)
	)`;

/** Some lots and all that was ever made of them, `down(id)`; what was undone is among it. */
export const allMadeOf = (seed: string): string =>
	`down(id) AS (${seed} UNION SELECT n.batch_lot_id FROM down CROSS JOIN ingredient n ON n.from_lot_id = down.id)`;
