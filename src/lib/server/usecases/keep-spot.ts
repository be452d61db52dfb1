import type { Envelope } from '../../input/act';
import type { SpotBurnInput } from '../../input/spot';
import type { Books } from '../db/books';
import type { Outcome } from './act';
import { measureStack } from './measure-stack';
import { measureVessel } from './measure-vessel';
import { inRound } from './round';

/** The fields of these acts as the form of the plan calls them. */
const calledThere: Readonly<Record<string, string>> = {
	name: 'spotName',
	usedFor: 'spotWay',
	size: 'spotWood'
};

/** A kiln and a pile that were typed on the spot come into the books together; the plan goes on with them. */
export function keepForBurn(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ vessel, stack }: SpotBurnInput
): Outcome {
	// Sent a second time it leads to the stack that it made the first time.
	const first = books.acts.maybeOne(`${envelope.actId}.${vessel ? 2 : 1}`);
	const code = first?.resultPath.split('/').at(-1) ?? books.ledger.nextCode('stack');
	const query = new URLSearchParams({
		...(vessel ? { vessel: vessel.name } : {}),
		...(stack ? { loads: code } : {})
	});
	const stops = [
		...(vessel
			? [{ field: 'spotName', write: (act: Envelope) => measureVessel(books, now_ms, act, vessel) }]
			: []),
		...(stack
			? [{ field: 'spotWood', write: (act: Envelope) => measureStack(books, now_ms, act, stack) }]
			: [])
	];
	const outcome = inRound(
		books,
		envelope,
		{ stops, path: `/fires/plan?${query}` },
		(act, { write }) => write(act)
	);
	if (outcome.status === 'done') return outcome;
	return {
		...outcome,
		issues: outcome.issues.map((issue) => ({
			...issue,
			field: calledThere[issue.field] ?? issue.field
		}))
	};
}
