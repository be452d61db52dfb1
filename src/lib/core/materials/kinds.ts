/** The kind of lot this room keeps. */
export const stockKind = {
	id: 'stock',
	of: 'lot',
	letter: 'M',
	word: 'stock',
	path: 'stock'
} as const;

/** Ash is a lot of its own: it limes, it bites, and every gram of it counts on every bed. */
export const ashKind = {
	id: 'ash',
	of: 'lot',
	letter: 'A',
	word: 'ash',
	path: 'ash'
} as const;

/** Lots that hold so much of a material, whatever their letter: their composition is in the books. */
export const isGoods = (kind: string): boolean => ['stock', 'ash', 'mix'].includes(kind);
