import type { RoundInput } from '../../input/beds';
import type { Books } from '../db/books';
import { Refusal, type Outcome } from './act';
import type { Envelope, Issue } from '../../input/act';
import { spreadLot } from './spread-lot';

/**
 * One lot over several beds in the order given: each bed gets an act of its own, so that each can be
 * undone by itself, and all of them or none are written.
 */
export function spreadRound(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: RoundInput
): Outcome {
	const run = books.db.transaction((): Outcome => {
		if (input.stops.length === 0) throw new Refusal([{ field: 'stops', code: 'no-stops' }]);
		const outcomes = input.stops.map(({ bed, ask, field }, i) => {
			const outcome = spreadLot(
				books,
				now_ms,
				{ ...envelope, actId: `${envelope.actId}.${i + 1}` },
				{ bed, lot: input.lot, ask, reason: input.reason }
			);
			if (outcome.status === 'refused') throw new Refusal(atStop(outcome.issues, field));
			return outcome.repeated;
		});
		return { status: 'done', path: '/beds', repeated: outcomes.every(Boolean) };
	});
	try {
		return run.immediate();
	} catch (error) {
		if (error instanceof Refusal) return { status: 'refused', issues: error.issues };
		throw error;
	}
}

/** What is wrong with the amount of one bed stands at that bed's field. */
const atStop = (issues: readonly Issue[], field: string): Issue[] =>
	issues.map((issue) => (['amount', 'bed'].includes(issue.field) ? { ...issue, field } : issue));
