/** The kind of lot this room keeps. */
export const stackKind = {
	id: 'stack',
	of: 'lot',
	letter: 'S',
	word: 'stack',
	path: 'woodyard'
} as const;
