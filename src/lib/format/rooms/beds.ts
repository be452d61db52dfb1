import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'mark-part': 'marked out',
	'put-own': 'given without a lot',
	'measure-bed': 'bed measured',
	spread: 'spread',
	'put-on-bed': 'put on'
};

export const fields: Names = {
	along: 'from the near end',
	partLength: 'long',
	across: 'from the side',
	partWidth: 'wide',
	piecesBefore: 'after so many',
	ownStuff: 'what',
	ownAmount: 'how much',
	putAs: 'as',
	form: 'form',
	amount: 'rate',
	moisture: 'water in it, %',
	putLot: 'lot',
	way: 'how',
	target: 'kind of bed',
	pieces: 'how many'
};

export const complaints: Complaints = {
	'part-outside': ({ name }) => `That reaches beyond ${name}. Measure it from its near corner.`,
	'part-overlaps': ({ name }) => `That covers some of ${name}: parts of a bed do not overlap.`,
	'no-part': ({ name }) =>
		`${name} is a whole. Mark out the part of it that is to be left, and leave that untreated.`,
	'moisture-wanted': () =>
		'A weight as sold has water in it. Type how much of it is water, in % of the weight.',
	'no-ring': ({ name }) => `Nothing was laid in a ring or dusted on ${name} of late.`,
	'unknown-bed': ({ name, near }) =>
		`There is no bed called ${name}.${near === undefined ? '' : ` Did you mean ${near}?`}`,
	'more-than-soil': ({ most }) =>
		`That is more char than this bed has soil: all of its soil would be about ${Number(Number(most).toPrecision(2))}, typed in this form. Was another form meant?`,
	'not-spreadable': ({ code }) => `${code} is nothing to spread.`,
	'no-stops': () => 'Type an amount for one bed at least.'
};
