import { inLitres, litres, microlitres } from '../../core/units';
import type { Envelope } from '../../input/act';
import type { QuenchPailInput } from '../../input/after-burn';
import type { Books } from '../db/books';
import type { Vessel } from '../db/vessels';
import { newestFires } from '../questions/vessels';
import { refuse, Refusal, type Outcome } from './act';
import { recordBurn } from './record-burn';

/** What was skimmed into a pail since it was quenched last, L. */
export function skimmedInto(books: Books, vessel: Vessel, at_ms: number): number {
	const quenched = newestFires(books, vessel.id, at_ms).flatMap(({ quenched_ms }) =>
		quenched_ms !== null && quenched_ms <= at_ms ? [quenched_ms] : []
	);
	const since_ms = Math.max(-Infinity, ...quenched);
	const skimmed = books.findings
		.of(vessel.id, 'skimmed')
		.filter((one) => one.at_ms > since_ms && one.at_ms <= at_ms);
	return inLitres(skimmed.reduce((sum, { found }) => sum + microlitres(litres(found.litres)), 0));
}

/** A running pail of embers is quenched: what was skimmed into it since is one fire, with one series of checks. */
export function quenchPail(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ vessel: name }: QuenchPailInput
): Outcome {
	try {
		const vessel = books.vessels.maybeOne(name) ?? refuse('vessel', 'no-vessel', { name });
		const total = skimmedInto(books, vessel, envelope.happenedAt_ms);
		const isSent = books.acts.maybeOne(envelope.actId) !== null;
		if (total <= 0 && !isSent) refuse('vessel', 'pail-empty', { name: vessel.name });
		return recordBurn(books, now_ms, envelope, {
			vessel: vessel.name,
			loads: [],
			wood: { by: 'reckoned', class: 'mixed' },
			measured: { by: 'litres', litres: litres(total) },
			wetness: 'quench-wet'
		});
	} catch (failure) {
		if (failure instanceof Refusal) return { status: 'refused', issues: failure.issues };
		throw failure;
	}
}
