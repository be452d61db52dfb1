import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'see-signs': 'signs seen',
	'test-bed': 'bed tested',
	'open-case': 'case begun',
	'close-case': 'case closed',
	'begin-rescue': 'rescue begun',
	'rescue-step': 'step of the rescue',
	'keep-advice': 'advice kept',
	'judge-advice': 'advice tried'
};

export const fields: Names = {
	seen: 'seen',
	vain: 'looked for in vain',
	asked: 'asked',
	test: 'test',
	so: 'came out so',
	outcome: 'how it came out',
	trueCause: 'what it was',
	between: 'what came between',
	step: 'step',
	heard: 'what was said',
	who: 'who says so',
	ground: 'on what ground',
	forBed: 'for which bed',
	taken: 'as it is meant',
	advice: 'which advice',
	ofStuff: 'of what',
	howOften: 'how often',
	helped: 'did it help',
	cameOf: 'what came of it'
};

export const complaints: Complaints = {
	'no-signs': () => 'Say at least one sign that you see, or that you looked for in vain.',
	'case-open': ({ name }) =>
		`${name} has a case that is not closed: say first how that change came out. Two at once teach nothing.`,
	'no-case': ({ name }) => `${name} has no case that is open.`,
	'rescue-runs': ({ name }) => `${name} is being brought round already: go on with its steps.`,
	'no-rescue': ({ name }) => `No rescue of ${name} was begun.`,
	'step-done': () => 'That step is done.',
	'nothing-heard': () =>
		'It names no stuff and no amount: write it down as it was said, with how much of what.',
	'no-advice': ({ name }) => `There is no advice ${name} in the books.`,
	'line-heard': () => 'Write what was said: heard "a cup and a half of char to the foot".',
	'line-sign': () =>
		'Write the bed and what you see: sign Mere 2 yellow old leaves, gap at edge, no worms.',
	'line-no-sign': ({ sign }) =>
		`"${sign}" is no sign the program knows. Try "gap at the edge", "pale old leaves" or "no worms".`,
	'line-seep': () => 'Write the bed, the water and the minutes: seep Mere 2 444 mL 11 min.'
};
