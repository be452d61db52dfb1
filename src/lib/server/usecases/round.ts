import type { Envelope, Issue } from '../../input/act';
import type { Books } from '../db/books';
import { asOne } from '../db/revision';
import { Refusal, type Outcome } from './act';

/**
 * One act for each stop of a round, in the order given, numbered from the id of its form, so that each can be
 * undone by itself; all of them or none are written. What is wrong with a stop stands at its field.
 */
export function inRound<Stop extends { readonly field: string }>(
	books: Books,
	envelope: Envelope,
	{ stops, path }: { readonly stops: readonly Stop[]; readonly path: string },
	one: (envelope: Envelope, stop: Stop) => Outcome
): Outcome {
	const work = (): Outcome => {
		if (stops.length === 0) throw new Refusal([{ field: 'stops', code: 'no-stops' }]);
		const { took } = envelope;
		// The time of a round is that of all its stops.
		const each = took && { took: { ...took, minutes: took.minutes / stops.length } };
		const outcomes = stops.map((stop, i) => {
			const numbered = { ...envelope, ...each, actId: `${envelope.actId}.${i + 1}` };
			return atField(one(numbered, stop), stop.field);
		});
		// What is wrong with any of them is told of all at once, and what is wrong with the lot one time.
		const issues = outcomes.flatMap((outcome) =>
			outcome.status === 'refused' ? outcome.issues : []
		);
		if (issues.length > 0) throw new Refusal(onceEach(issues));
		const done = outcomes.filter((outcome) => outcome.status === 'done');
		return {
			status: 'done',
			path,
			repeated: done.every(({ repeated }) => repeated),
			cautions: done.flatMap(({ cautions = [] }) => cautions)
		};
	};
	try {
		return asOne(books.db, work);
	} catch (error) {
		if (error instanceof Refusal) return { status: 'refused', issues: error.issues };
		throw error;
	}
}

/** What is wrong with the amount of one bed stands at that bed's field. */
export function atField(outcome: Outcome, field: string): Outcome {
	if (outcome.status === 'done') return outcome;
	const at = (issue: Issue) =>
		['amount', 'bed'].includes(issue.field) ? { ...issue, field } : issue;
	return { status: 'refused', issues: outcome.issues.map(at) };
}

const onceEach = (issues: readonly Issue[]): readonly Issue[] => [
	...new Map(issues.map((issue) => [`${issue.field} ${issue.code}`, issue])).values()
];
