import type { Db } from './open';
import { asOne, changed } from './revision';

/** Nobody who asks for a page meanwhile waits longer than for one of these, and for what its last step takes. */
const slice_ms = 25;

/**
 * Work of many steps in slices; between them whoever else waits is answered.
 * @param step does the next, and says whether there are more
 * @param as how the steps of a slice are done together
 * @throws the reason of `signal` between two slices, and whatever a step throws
 */
export async function inSlices(
	step: () => boolean,
	signal: AbortSignal,
	as: (slice: () => boolean) => boolean = (slice) => slice()
): Promise<void> {
	for (let goesOn = true; goesOn;) {
		signal.throwIfAborted();
		goesOn = as(() => sliceOf(step));
		await new Promise(setImmediate);
	}
}

/** The same where every slice is a transaction: one that a step throws out of is not kept. */
export const writtenInSlices = (db: Db, step: () => boolean, signal: AbortSignal): Promise<void> =>
	inSlices(step, signal, (slice) => asRound(db, slice));

/**
 * Acts one after the other as one transaction. What a page reads at once of all that is in stock would be read anew
 * for each of them: from the first on, each asks for its own.
 */
export const asRound = <T>(db: Db, work: () => T): T =>
	asOne(db, () => {
		changed(db);
		return work();
	});

function sliceOf(step: () => boolean): boolean {
	const until = performance.now() + slice_ms;
	while (step()) if (performance.now() >= until) return true;
	return false;
}
