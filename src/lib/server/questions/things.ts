import { isNamedKind, type NamedKind } from '../../core/kinds';
import type { Books } from '../db/books';
import type { Lot } from '../db/lot-row';
import type { Thing } from '../db/things';
import { rememberingAlways } from './remember';

/** A thing that has books, by what they are kept by. */
export type Found =
	| { readonly of: 'lot'; readonly name: string; readonly id: number; readonly lot: Lot }
	| { readonly of: 'fire' | NamedKind; readonly name: string; readonly id: number };

/** What has books: a lot that ever was, a fire, or whatever goes by a name. */
export function thingAt(books: Books, of: string, name: string): Found | null {
	if (of === 'lot') {
		const lot = books.ledger.maybeLotEver(name);
		return lot && { of: 'lot', name: lot.code, id: lot.id, lot };
	}
	if (of === 'fire') {
		const burn = books.burns.maybeOne(name);
		return burn && { of, name: burn.code, id: burn.id };
	}
	const thing = isNamedKind(of)
		? (books.things.maybeOne(of, name) ?? books.things.everNamed(of, name))
		: null;
	return thing && isNamedKind(of) ? { of, name: thing.name, id: thing.id } : null;
}

/** What goes by a name and is in use, of one kind. */
export const namedThings = rememberingAlways((books, kind: NamedKind): readonly Thing[] =>
	books.things.all(kind)
);

/** What goes by a code or a name, where nobody says of which kind: a lot, a fire, then beds and vessels. */
export const thingCalled = (books: Books, name: string): Found | null =>
	thingAt(books, 'lot', name.toUpperCase()) ??
	thingAt(books, 'fire', name.toUpperCase()) ??
	thingAt(books, 'bed', name) ??
	thingAt(books, 'vessel', name);
