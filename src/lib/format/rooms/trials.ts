import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'plan-trial': 'trial planned',
	'look-at-unit': 'looked at',
	'lose-unit': 'lost',
	'look-at-strip': 'strip looked at',
	'end-trial': 'trial ended'
};

export const fields: Names = {
	question: 'question',
	unit: 'pot or plot',
	blocks: 'blocks',
	order: 'order',
	seed: 'seed',
	differs: 'blocks differ by',
	blind: 'read blind',
	measure: 'measure',
	measure2: 'second measure',
	value: 'value',
	why: 'why',
	untreated: 'untreated',
	treated: 'treated',
	...Object.fromEntries(
		[1, 2, 3, 4, 5, 6].flatMap((n) => [
			[`arm${n}`, `arm ${n}`],
			[`share${n}`, `share ${n}`],
			[`called${n}`, `arm ${n} called`]
		])
	)
};

export const complaints: Complaints = {
	'no-trial': ({ code }) => `There is no trial ${code} in the books.`,
	'few-arms': () => 'A trial wants at least two arms, and one of them bare soil where it may be.',
	'no-unit': ({ code, most }) => `${code} has ${most}: say a number up to that.`,
	'unit-is-lost': ({ code, unit }) => `Number ${unit} of ${code} is written down as lost.`,
	'not-measured': ({ code, measure }) => `${measure} is not measured in ${code}.`,
	'trial-over': ({ code }) => `${code} was ended before.`,
	'line-look': () => 'Write the trial, the pot and the figure: look T2 pot 7 14 cm.',
	'line-lost': () => 'Write the trial and the pot: lost T2 pot 9.',
	'line-strip': () => 'Write the bed and both figures: strip Mere 2 untreated 4 treated 7.'
};
