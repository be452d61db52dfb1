import { proofState } from '../../core/fires';
import type { Act } from '../db/acts';
import type { Books } from '../db/books';
import { NotFound } from '../db/errors';
import { chargeLine } from '../questions/charging';
import { perform, refuse, type Envelope, type Outcome } from './act';

export interface ReverseInput {
	readonly actId: string;
	/** Undo with it everything that rests on it. */
	readonly withDependents: boolean;
	/** Where the person stands now; shown again afterwards. */
	readonly backTo: string;
}

/** Put a mistake right by its opposite. Later acts that rest on it are undone first, newest first. */
export function reverseAct(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: ReverseInput
): Outcome {
	return perform(
		books,
		now_ms,
		'reverse',
		envelope,
		{ ...input },
		() => {
			const target = books.acts.maybeOne(input.actId) ?? refuse('act', 'unknown-act');
			if (target.reversed || target.reversesId !== null) refuse('act', 'already-reversed');
			const resting = dependentsOf(books, target.id);
			if (resting.length > 0 && !input.withDependents)
				refuse('act', 'rests-on-it', { count: resting.length });
			return {
				path: input.backTo,
				write: (stamp) => {
					// All are marked reversed before any line is written, so that the books are checked as they will stand.
					const undoing = resting.map((act, i) => {
						const actId = `${stamp.actId}.${i + 1}`;
						books.acts.insert({
							id: actId,
							verb: 'reverse',
							happenedAt_ms: stamp.happenedAt_ms,
							recordedAt_ms: stamp.recordedAt_ms,
							person: stamp.person,
							note: envelope.note,
							typed: { with: input.actId },
							resolved: { with: input.actId },
							resultPath: input.backTo,
							reversesId: act.id
						});
						return { actId, targetId: act.id };
					});
					for (const { actId, targetId } of undoing) undo(books, { ...stamp, actId }, targetId);
					undo(books, stamp, target.id);
				}
			};
		},
		input.actId
	);
}

function undo(
	books: Books,
	stamp: Parameters<Books['ledger']['postReversal']>[0],
	targetId: string
): void {
	const posted = books.ledger.postReversal(stamp, targetId);
	if (posted.status === 'short')
		refuse('act', 'short', {
			code: posted.lot.code,
			missing_l: posted.missing_ml / 1000,
			held_l: posted.lot.volume_ml / 1000
		});
}

/** Standing acts that would lose their ground with this one, newest first. */
export function dependentsOf(books: Books, actId: string): readonly Act[] {
	const found = new Map<string, Act>();
	const queue = [actId];
	for (let id = queue.shift(); id !== undefined; id = queue.shift())
		for (const next of directDependents(books, id)) {
			if (next === actId || found.has(next)) continue;
			const act = books.acts.maybeOne(next);
			if (!act) throw new NotFound(`act ${next}`);
			found.set(next, act);
			queue.push(next);
		}
	return [...found.values()].sort((a, b) => b.seq - a.seq);
}

function directDependents(books: Books, actId: string): string[] {
	const rows = books.db
		.prepare<{ actId: string }, { id: string }>(
			`WITH made AS (SELECT id FROM lot WHERE act_id = @actId),
			fired AS (SELECT id AS burn_id FROM burn WHERE act_id = @actId UNION SELECT burn_id FROM burn_record WHERE act_id = @actId),
			-- A bed rests on its one standing measurement.
			bedded AS (SELECT bed_id FROM bed_version v WHERE act_id = @actId AND NOT EXISTS (
				SELECT 1 FROM bed_version o JOIN standing_act s ON s.id = o.act_id WHERE o.bed_id = v.bed_id AND o.act_id <> @actId))
			SELECT DISTINCT a.id FROM standing_act a WHERE a.id <> @actId AND a.id IN (
				SELECT act_id FROM movement WHERE lot_id IN (SELECT id FROM made)
				UNION SELECT act_id FROM moisture_reading WHERE lot_id IN (SELECT id FROM made)
				UNION SELECT act_id FROM quarantine WHERE lot_id IN (SELECT id FROM made)
				UNION SELECT act_id FROM ready_test WHERE lot_id IN (SELECT id FROM made)
				UNION SELECT act_id FROM density_reading WHERE lot_id IN (SELECT id FROM made)
				UNION SELECT act_id FROM temperature_reading WHERE lot_id IN (SELECT id FROM made) OR burn_id IN (SELECT burn_id FROM fired)
				UNION SELECT act_id FROM remark WHERE lot_id IN (SELECT id FROM made) OR burn_id IN (SELECT burn_id FROM fired)
				UNION SELECT act_id FROM remark WHERE bed_id IN (SELECT bed_id FROM bedded)
				UNION SELECT act_id FROM quench_check WHERE burn_id IN (SELECT burn_id FROM fired)
				UNION SELECT r.act_id FROM burn_record r WHERE r.burn_id IN (SELECT id FROM burn WHERE act_id = @actId)
				-- What left a lot after it was re-measured took grams by the new density.
				UNION SELECT m.act_id FROM density_reading d JOIN act da ON da.id = d.act_id
					JOIN movement m ON m.lot_id = d.lot_id AND m.volume_ml <= 0 JOIN act ma ON ma.id = m.act_id AND ma.seq > da.seq
					WHERE d.act_id = @actId
				UNION SELECT act_id FROM spread WHERE bed_id IN (SELECT bed_id FROM bedded)
			)`
		)
		.all({ actId })
		.map((row) => row.id);
	return [...rows, ...restingOnProof(books, actId), ...restingOnTest(books, actId)];
}

/** Acts that moved char on while only this check proved its fire out. */
function restingOnProof(books: Books, actId: string): string[] {
	const check = books.db
		.prepare<{ actId: string }, { burn_id: number }>(
			'SELECT burn_id FROM quench_check WHERE act_id = @actId'
		)
		.get({ actId });
	const record = check && books.burns.byId(check.burn_id)?.record;
	if (!check || !record) return [];
	const others = books.checks.of(check.burn_id).filter((other) => other.actId !== actId);
	return books.db
		.prepare<{ burnId: number }, { id: string; happened_at_ms: number }>(
			`SELECT DISTINCT a.id, a.happened_at_ms FROM standing_act a JOIN movement m ON m.act_id = a.id
			 JOIN char_lot c ON c.lot_id = m.lot_id WHERE c.burn_id = @burnId AND m.volume_ml < 0`
		)
		.all({ burnId: check.burn_id })
		.filter((moved) => !proofState(record.quenchedAt_ms, others, moved.happened_at_ms).proven)
		.map((moved) => moved.id);
}

/** Spreads that needed no reason only because this test made their charge ripe. */
function restingOnTest(books: Books, actId: string): string[] {
	const test = books.charging.testByAct(actId);
	const charge = test && books.charging.byLot(test.lotId);
	if (!test || !charge) return [];
	const others = books.charging.testsOf(test.lotId).filter((other) => other.actId !== actId);
	return books.db
		.prepare<{ lotId: number }, { id: string; happened_at_ms: number }>(
			`SELECT a.id, a.happened_at_ms FROM spread s JOIN standing_act a ON a.id = s.act_id
			 WHERE s.lot_id = @lotId AND s.reason = ''`
		)
		.all({ lotId: test.lotId })
		.filter((spread) => chargeLine(charge, others, spread.happened_at_ms).state !== 'ripe')
		.map((spread) => spread.id);
}
