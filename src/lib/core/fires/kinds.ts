/** A fire, planned or burnt. */
export const burnKind = {
	id: 'burn',
	of: 'fire',
	letter: 'F',
	word: 'fire',
	path: 'fires'
} as const;
