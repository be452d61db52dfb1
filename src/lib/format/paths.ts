import type { RecipeId } from '../core/brews';
import { kindOf, type Booked, type Place } from '../core/kinds';

/** The address of a lot (by code), fire (by code), bed or vessel (by name). */
export function pathOf(place: Place, name: string): string {
	return `/${kindOf(place).path}/${encodeURIComponent(name)}`;
}

/** The address of the books of a thing: everything that was done with it. */
export const booksPath = (of: Booked, name: string): string =>
	`/ledger/${of}/${encodeURIComponent(name)}`;

/** What has figures with an address: a bed, a lot by its books, and the limits and starting values of a room. */
export type Figured = 'bed' | 'lot' | 'rule';

/** The address that tells where a figure comes from. */
export function figurePath(of: Figured, name: string, figure: string): string {
	return `/figure/${of}/${encodeURIComponent(name)}/${encodeURIComponent(figure)}`;
}

/** The plan of a brew of a kind, of as much water as a round takes; of a round's own kind only. */
export const brewPlanPath = (
	recipe: RecipeId,
	round?: { readonly recipe: RecipeId; readonly needs_l: number }
): string =>
	`/brews/plan?recipe=${recipe}${round?.recipe === recipe ? `&base=${Math.ceil(round.needs_l)}+L` : ''}`;

/** The plan of a heap with so much of a char lot in it. */
export const heapWith = (char: string, part: string): string =>
	`/heaps/plan?${new URLSearchParams({ heapWay: 'compost', stuff1: `lot:${char}`, part1: part })}`;
