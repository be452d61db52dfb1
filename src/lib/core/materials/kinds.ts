/** The kind of lot this room keeps. */
export const stockKind = {
	id: 'stock',
	of: 'lot',
	letter: 'M',
	word: 'stock',
	path: 'stock'
} as const;
