/** The kind of lot this room keeps. */
export const mixKind = {
	id: 'mix',
	of: 'lot',
	letter: 'X',
	word: 'mix',
	path: 'mixes'
} as const;
