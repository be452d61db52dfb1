import { isNamedKind, type NamedKind } from '../../core/kinds';
import { nameKey } from '../../core/units';
import { pathOf } from '../../format/paths';
import type { Envelope } from '../../input/act';
import type { MergeInput, Named, NameInput, RenameInput, RetireInput } from '../../input/naming';
import type { Books } from '../db/books';
import type { Thing } from '../db/things';
import { soakIn } from '../questions/vessels';
import { perform, refuse, type Outcome } from './act';
import { namedAlike } from './gates';

/** A thing that is in use, by its kind and name. */
function inUseOrRefuse(books: Books, { kind, name }: Named, field: string): Thing {
	if (!isNamedKind(kind)) refuse(field, 'unknown-thing', { name });
	return books.things.inUse(kind, name) ?? refuse(field, 'unknown-thing', { name });
}

function refuseTaken(books: Books, kind: NamedKind, name: string, field: string): void {
	const taken = namedAlike(books.things.all(kind), name);
	if (taken) refuse(field, 'name-taken', { name: taken.name });
}

/** It goes by another name from then on; what it was called stays in its books. */
export function renameThing(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: RenameInput
): Outcome {
	return perform(books, now_ms, 'rename', envelope, { ...input }, () => {
		const thing = inUseOrRefuse(books, input, 'newName');
		// Its own name in other letters is no other thing's.
		if (nameKey(thing.name) !== nameKey(input.newName))
			refuseTaken(books, input.kind, input.newName, 'newName');
		if (thing.name === input.newName) refuse('newName', 'same-name', { name: thing.name });
		return {
			path: pathOf(input.kind, input.newName),
			write: ({ actId }) => books.things.insertName(actId, thing.id, input.newName)
		};
	});
}

/** It is used no longer: its books stay, and it is offered nowhere. */
export function retireThing(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: RetireInput
): Outcome {
	return perform(books, now_ms, 'retire', envelope, { ...input }, () => {
		const thing = inUseOrRefuse(books, input, 'retire');
		refuseFull(books, thing, envelope.happenedAt_ms, 'retire');
		return {
			path: `/ledger/${input.kind}/${encodeURIComponent(thing.name)}`,
			write: ({ actId }) => books.things.insertEnd(actId, thing.id)
		};
	});
}

/** It is the same as another: its history counts there, and its name leads there. */
export function mergeThings(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: MergeInput
): Outcome {
	return perform(books, now_ms, 'merge', envelope, { ...input }, () => {
		const thing = inUseOrRefuse(books, input, 'into');
		const into = inUseOrRefuse(books, { kind: input.kind, name: input.into }, 'into');
		if (into.id === thing.id) refuse('into', 'same-lot', { code: thing.name });
		if (input.kind === 'bed') refuseWithin(books, thing, into);
		refuseFull(books, thing, envelope.happenedAt_ms, 'into');
		return {
			path: pathOf(input.kind, into.name),
			write: ({ actId }) => books.things.insertEnd(actId, thing.id, into.id)
		};
	});
}

/** A part is no other than its whole, and a whole that has parts keeps them. */
function refuseWithin(books: Books, thing: Thing, into: Thing): void {
	const [one, other] = [books.beds.byId(thing.id), books.beds.byId(into.id)];
	if (one?.within || other?.within || (one?.parts.length ?? 0) > 0)
		refuse('into', 'parts-stay', { name: thing.name });
}

/** A vessel in which something stands is not put away. */
function refuseFull(books: Books, { id, kind, name }: Thing, at_ms: number, field: string): void {
	const soak = kind === 'vessel' ? soakIn(books, id, at_ms) : undefined;
	if (soak) refuse(field, 'tub-busy', { name, code: soak.of });
}

/** A place, a device or a person comes into the books. */
export function nameThing(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: NameInput
): Outcome {
	return perform(books, now_ms, 'name-thing', envelope, { ...input }, () => {
		refuseTaken(books, input.kind, input.name, 'name');
		return {
			path: '/settings',
			write: ({ actId }) => {
				const id = books.things.insert(actId, input.kind, input.name);
				if (input.kind === 'place')
					books.things.insertVersion(actId, id, { latitude_deg: null, longitude_deg: null });
				if (input.reads !== undefined)
					books.things.insertVersion(actId, id, { reads: input.reads });
			}
		};
	});
}
