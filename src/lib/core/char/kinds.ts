/** The kind of lot this room keeps; it is listed with what is made of it. */
export const charKind = {
	id: 'char',
	of: 'lot',
	letter: 'K',
	word: 'char',
	path: 'char',
	home: 'charging'
} as const;
