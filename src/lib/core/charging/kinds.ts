/** The kind of lot this room keeps. */
export const chargeKind = {
	id: 'charge',
	of: 'lot',
	letter: 'C',
	word: 'charge',
	path: 'charging'
} as const;
