import type { Books } from '../db/books';
import { inSlices, writtenInSlices } from '../db/slices';
import type { Reading } from '../../input/form';
import type { Issue } from '../../input/act';
import { Refusal } from '../usecases/act';
import { reverseAct } from '../usecases/reverse-act';

/**
 * Take back every standing act of a batch, the newest first, in slices. An act outside of it that rests on one of
 * them stands in the way, and is found before any is taken back.
 * @param each told how many are done
 * @throws Refusal where something stands in the way; the reason of `signal`
 */
export async function takeBack(
	books: Books,
	reading: Reading,
	batch: string,
	signal: AbortSignal,
	each: (done: number, of: number) => void
): Promise<void> {
	const ids = books.acts.standingOfBatch(batch);
	const own = new Set(ids);
	let looked = 0;
	const look = () => {
		const id = ids[looked];
		if (id === undefined) return false;
		const others = books.grounds.restingOn(id).filter((one) => !own.has(one));
		if (others.length > 0) throw new Refusal([restsOn(others.length)]);
		looked += 1;
		return true;
	};
	await inSlices(look, signal);
	let done = 0;
	const undo = () => {
		const id = ids[done];
		if (id === undefined) return false;
		reverse(books, reading, batch, id);
		done += 1;
		each(done, ids.length);
		return true;
	};
	await writtenInSlices(books.db, undo, signal);
}

const restsOn = (count: number): Issue => ({ field: 'act', code: 'rests-on-it', facts: { count } });

function reverse(books: Books, reading: Reading, batch: string, id: string): void {
	const { now_ms, person } = reading;
	const envelope = {
		// A name of its own for each, the same however often it is begun.
		actId: `${batch}.${books.acts.maybeOne(id)?.seq ?? 0}`,
		person,
		happenedAt_ms: now_ms,
		note: ''
	};
	const outcome = reverseAct(books, now_ms, envelope, {
		actId: id,
		withDependents: false,
		backTo: '/keeping/notebook'
	});
	if (outcome.status === 'refused') throw new Refusal(outcome.issues);
}
