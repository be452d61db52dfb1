/** The kind of lot this room keeps. */
export const heapKind = {
	id: 'heap',
	of: 'lot',
	letter: 'H',
	word: 'heap',
	path: 'heaps'
} as const;
