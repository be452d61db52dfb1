/** What has a page of its own. */
export type Place = 'stack' | 'char' | 'charge' | 'partner' | 'burn' | 'bed' | 'vessel';

const rooms: Readonly<Record<Place, string>> = {
	stack: 'woodyard',
	char: 'char',
	charge: 'charging',
	// A partner has no room yet; its books are its page.
	partner: 'ledger',
	burn: 'fires',
	bed: 'beds',
	vessel: 'vessels'
};

/** The address of a lot (by code), fire (by code), bed or vessel (by name). */
export function pathOf(place: Place, name: string): string {
	return `/${rooms[place]}/${encodeURIComponent(name)}`;
}

/** What has figures in rows; `lot` is what any lot holds by its books, a spread goes by its act. */
export type Figured = 'stack' | 'fire' | 'bed' | 'lot' | 'vessel' | 'spread';

/** The address that tells where a figure comes from. */
export function figurePath(of: Figured, name: string, figure: string): string {
	return `/figure/${of}/${encodeURIComponent(name)}/${figure}`;
}

export const placeWords: Readonly<Record<Place, string>> = {
	stack: 'stack',
	char: 'char',
	charge: 'charge',
	partner: 'partner',
	burn: 'fire',
	bed: 'bed',
	vessel: 'vessel'
};
