/** What has a page of its own. */
export type Place = 'stack' | 'char' | 'charge' | 'stock' | 'burn' | 'bed' | 'vessel';

const rooms: Readonly<Record<Place, string>> = {
	stack: 'woodyard',
	char: 'char',
	charge: 'charging',
	stock: 'stock',
	burn: 'fires',
	bed: 'beds',
	vessel: 'vessels'
};

/** The address of a lot (by code), fire (by code), bed or vessel (by name). */
export function pathOf(place: Place, name: string): string {
	return `/${rooms[place]}/${encodeURIComponent(name)}`;
}

/** What has books of its own. */
export type Booked = 'lot' | 'bed' | 'fire' | 'vessel';

/** The address of the books of a thing: everything that was done with it. */
export const booksPath = (of: Booked, name: string): string =>
	`/ledger/${of}/${encodeURIComponent(name)}`;

/**
 * What has figures in rows and sentences; `lot` is what any lot holds by its books, a spread and what
 * an act moved go by the act, `yard` is the sum of many lots, a rule is a starting value.
 */
export type Figured =
	'stack' | 'fire' | 'bed' | 'lot' | 'vessel' | 'spread' | 'measure' | 'moved' | 'yard' | 'rule';

/** The address that tells where a figure comes from. */
export function figurePath(of: Figured, name: string, figure: string): string {
	return `/figure/${of}/${encodeURIComponent(name)}/${encodeURIComponent(figure)}`;
}

export const placeWords: Readonly<Record<Place, string>> = {
	stack: 'stack',
	char: 'char',
	charge: 'charge',
	stock: 'stock',
	burn: 'fire',
	bed: 'bed',
	vessel: 'vessel'
};
