/** The kind of lot this room keeps. */
export const brewKind = {
	id: 'brew',
	of: 'lot',
	letter: 'B',
	word: 'brew',
	path: 'brews'
} as const;
