/** What a clock on the bench is about. */
export const benchWords = {
	check: 'Check',
	'look-again': 'Look again at',
	burn: 'Burn',
	test: 'Test',
	ripens: 'Ripe by date:'
} as const;

/** Moments on the axis of the coming weeks. */
export const momentWords = {
	check: 'check due',
	burn: 'planned burn',
	indoors: 'may go indoors'
} as const;
