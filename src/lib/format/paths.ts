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

/** What has figures with an address: a bed, a lot by its books, and the limits and starting values of a room. */
export type Figured = 'bed' | 'lot' | 'rule';

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
