import { addAmounts, dryKg, nothing, type Amount, type Contents } from '../../core/ledger';
import { isRecipe, recipeOf } from '../../core/brews';
import { isMaterial, materialOf } from '../../core/materials';
import type { Act } from '../db/acts';
import type { Books } from '../db/books';
import type { Movement } from '../db/movements';
import { keepingOfThings } from './remember';

/** An act on a thing, with what it moved there: litres and grams that came or, below nought, went. */
export interface BookedAct extends Act {
	readonly isReversal: boolean;
	readonly volume_ul: number;
	readonly dry_g: number;
	/** What came or went of each substance, mg. */
	readonly came: Contents;
	readonly went: Contents;
}

/** Everything done with a lot, oldest first: its books. */
export const booksOf = (books: Books, lotId: number): readonly BookedAct[] =>
	booked(books.acts.about(lotId), books.ledger.ofLot(lotId));

const idsAbout = keepingOfThings<readonly string[]>(
	(books, ids) => new Map(ids.map((id) => [id, books.acts.idsAbout(id)])),
	() => []
);

/** How many acts were about a thing that is no lot. */
export const countAbout = (books: Books, thingId: number): number =>
	idsAbout(books, [thingId])[0]?.length ?? 0;

/**
 * What was done with any other thing, oldest first, from the newest back where there is much; what moved
 * there, where things move to it.
 */
export function booksAbout(
	books: Books,
	thingId: number,
	page: { readonly most: number; readonly skip: number } = { most: Infinity, skip: 0 }
): readonly BookedAct[] {
	const ids = (idsAbout(books, [thingId])[0] ?? []).slice(page.skip, page.skip + page.most);
	return booked(books.acts.some(ids), books.ledger.ofBed(thingId, ids));
}

function booked(acts: readonly Act[], movements: readonly Movement[]): readonly BookedAct[] {
	const byAct = new Map<string, Movement[]>();
	for (const movement of movements)
		byAct.set(movement.actId, [...(byAct.get(movement.actId) ?? []), movement]);
	return acts.map((act) => ({
		...act,
		isReversal: act.reversesId !== null,
		...movedBy(byAct.get(act.id) ?? [])
	}));
}

function movedBy(movements: readonly Movement[]) {
	const of = (wanted: Movement['direction']) =>
		movements.filter(({ direction }) => direction === wanted).reduce<Amount>(addAmounts, nothing);
	const [came, went] = [of('in'), of('out')];
	return {
		volume_ul: came.volume_ul - went.volume_ul,
		dry_g: (dryKg(came.contents) - dryKg(went.contents)) * 1000,
		came: came.contents,
		went: went.contents
	};
}

/** The fields a person filled; what came without a form has none that is text. */
export function typedWords(typed: Readonly<Record<string, unknown>>): [string, string][] {
	return Object.entries(typed).flatMap(([field, value]): [string, string][] =>
		typeof value === 'string' && value.trim() !== '' && !unspoken.has(field)
			? [[field, isOwnWords.test(field) ? value : chosenWords(value)]]
			: []
	);
}

/** Told beside the act already, or of no meaning to a person. */
const unspoken = new Set(['note', 'act', 'backTo', 'actId', 'at']);

/** Fields in which a person writes: their words stay as they wrote them, whatever they are called like. */
const isOwnWords = /name|words|reason|line|people|place|from/i;

/** What was chosen from a list, by its name; what was typed, as it was. */
function chosenWords(value: string): string {
	if (isMaterial(value)) return materialOf(value).name;
	if (isRecipe(value)) return recipeOf(value).name;
	return /^[a-z]+(-[a-z]+)+$/.test(value) ? value.replaceAll('-', ' ') : value;
}
