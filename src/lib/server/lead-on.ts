import { pathOf } from '../format/paths';
import type { NamedKind } from '../core/kinds';
import { error, redirect } from '@sveltejs/kit';
import type { Books } from './db/books';

/** On to the page of what went by this name once; where nothing did, there is none. */
export function leadOn(books: Books, kind: NamedKind, name: string, none: string): never {
	const thing = books.things.everNamed(kind, name);
	if (!thing || thing.name.toLowerCase() === name.toLowerCase()) error(404, none);
	redirect(303, pathOf(kind, thing.name));
}
