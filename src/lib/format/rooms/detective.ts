import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'see-signs': 'signs seen',
	'test-bed': 'bed tested',
	'open-case': 'case begun',
	'close-case': 'case closed'
};

export const fields: Names = {
	seen: 'seen',
	vain: 'looked for in vain',
	asked: 'asked',
	test: 'test',
	so: 'came out so',
	outcome: 'how it came out',
	trueCause: 'what it was',
	between: 'what came between'
};

export const complaints: Complaints = {
	'no-signs': () => 'Say at least one sign that you see, or that you looked for in vain.',
	'case-open': ({ name }) =>
		`${name} has a case that is not closed: say first how that change came out. Two at once teach nothing.`,
	'no-case': ({ name }) => `${name} has no case that is open.`,
	'line-sign': () =>
		'Write the bed and what you see: sign Mere 2 yellow old leaves, gap at edge, no worms.',
	'line-no-sign': ({ sign }) =>
		`"${sign}" is no sign the program knows. Try "gap at the edge", "pale old leaves" or "no worms".`,
	'line-seep': () => 'Write the bed, the water and the minutes: seep Mere 2 444 mL 11 min.'
};
