import type { Books } from '../db/books';
import { asOne } from '../db/revision';
import { Refusal, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { reverseAct } from './reverse-act';
import type { ReverseInput } from '../../input/ledger';

/** Undo what one form did: its act, or every act of a round that still stands, all of them or none. */
export function reverseWhole(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: ReverseInput
): Outcome {
	if (books.acts.maybeOne(input.actId)) return reverseAct(books, now_ms, envelope, input);
	// The same undoing sent again is done already.
	if (books.acts.maybeOne(`${envelope.actId}.1`)?.reversesId)
		return { status: 'done', path: input.backTo, repeated: true };
	const round = books.acts.ofRound(input.actId);
	if (round.length === 0) return reverseAct(books, now_ms, envelope, input);
	const work = (): Outcome => {
		const outcomes = round.map(({ id }, i) => {
			const one = { ...envelope, actId: `${envelope.actId}.${i + 1}` };
			const outcome = reverseAct(books, now_ms, one, { ...input, actId: id });
			if (outcome.status === 'refused') throw new Refusal(outcome.issues);
			return outcome.repeated;
		});
		return { status: 'done', path: input.backTo, repeated: outcomes.every(Boolean) };
	};
	try {
		return asOne(books.db, work);
	} catch (error) {
		if (error instanceof Refusal) return { status: 'refused', issues: error.issues };
		throw error;
	}
}
