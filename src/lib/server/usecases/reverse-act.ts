import { inLitres } from '../../core/units';
import type { ReverseInput } from '../../input/ledger';
import type { Act } from '../db/acts';
import type { Books } from '../db/books';
import { NotFound } from '../db/errors';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

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
						books.grounds.copySubjects(actId, act.id);
						return { actId, targetId: act.id };
					});
					undo(books, [
						...undoing.map(({ actId, targetId }) => ({ stamp: { ...stamp, actId }, targetId })),
						{ stamp, targetId: target.id }
					]);
				}
			};
		},
		input.actId
	);
}

function undo(books: Books, reversals: Parameters<Books['ledger']['postReversals']>[0]): void {
	const posted = books.ledger.postReversals(reversals);
	if (posted.status === 'short')
		refuse('act', 'short', {
			code: posted.lot.code,
			missing_l: inLitres(posted.missing_ul),
			held_l: inLitres(posted.lot.volume_ul)
		});
}

/** Standing acts that would lose their ground with this one, newest first. */
export const dependentsOf = (books: Books, actId: string): readonly Act[] =>
	dependentsAsked(books)(actId);

/** The same for many acts of one page, which mostly rest on each other: each is looked up once. */
export function dependentsAsked(books: Books): (actId: string) => readonly Act[] {
	const direct = asked((id: string) => books.grounds.restingOn(id));
	const actOf = asked((id: string): Act => {
		const act = books.acts.maybeOne(id);
		if (!act) throw new NotFound(`act ${id}`);
		return act;
	});
	return (actId) => closureOf(actId, direct, actOf);
}

function asked<T>(question: (id: string) => T): (id: string) => T {
	const known = new Map<string, T>();
	return (id) => {
		const answer = known.get(id) ?? question(id);
		known.set(id, answer);
		return answer;
	};
}

function closureOf(
	actId: string,
	direct: (id: string) => readonly string[],
	actOf: (id: string) => Act
): readonly Act[] {
	const found = new Map<string, Act>();
	const queue = [actId];
	for (let id = queue.shift(); id !== undefined; id = queue.shift())
		for (const next of direct(id)) {
			if (next === actId || found.has(next)) continue;
			const act = actOf(next);
			found.set(next, act);
			queue.push(next);
		}
	return [...found.values()].sort((a, b) => b.seq - a.seq);
}
