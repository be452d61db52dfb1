import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'plan-trial': 'trial planned',
	'look-at-unit': 'looked at',
	'lose-unit': 'lost',
	'look-at-strip': 'strip looked at',
	'end-trial': 'trial ended',
	'move-trial': 'trial moved',
	'run-trial-on': 'another season begun',
	'leave-strip': 'strip left'
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
	where: 'where',
	season: 'season',
	weeks: 'weeks',
	...Object.fromEntries(
		[1, 2, 3, 4, 5, 6].flatMap((n) => [
			[`arm${n}`, `arm ${n}`],
			[`share${n}`, `share ${n}`],
			[`called${n}`, `arm ${n} called`]
		])
	),
	...Object.fromEntries(
		Array.from({ length: 12 }, (_, n) => [
			[`lot${n + 1}`, 'lot'],
			[`per${n + 1}`, 'each pot or plot']
		]).flat()
	)
};

export const complaints: Complaints = {
	'no-trial': ({ code }) => `There is no trial ${code} in the books.`,
	'few-arms': () => 'A trial wants at least two arms, and one of them bare soil where it may be.',
	'no-unit': ({ code, most }) => `${code} has ${most}: say a number up to that.`,
	'unit-is-lost': ({ code, unit }) => `Number ${unit} of ${code} is written down as lost.`,
	'not-measured': ({ code, measure }) => `${measure} is not measured in ${code}.`,
	'trial-over': ({ code }) => `${code} was ended before.`,
	'arms-alike': ({ arm, as }) =>
		`${arm} is the same as ${as}: give it another share, another treatment or a name of its own.`,
	'plots-in-pots': ({ name }) => `${name} are pots: say pots, or lay the plots out in a bed.`,
	'units-outside': ({ name, most }) => `${name} has room for ${most} of them all in all.`,
	'trial-stands-there': ({ name, code }) =>
		`${code} still runs in ${name}: end it first, or lay this one out elsewhere.`,
	'plots-stay': ({ code }) => `The plots of ${code} lie in the ground and can't be moved.`,
	'season-unread': ({ code }) =>
		`Nothing was read of ${code} in this season yet: read it before the next begins.`,
	'arm-nowhere': ({ code }) =>
		`${code} stands on no bed or pots of the books: what its arms get can be counted nowhere.`,
	'no-strip': ({ name }) =>
		`${name} has a strip this season, or is too short to leave one away from its ends.`,
	'line-look': () => 'Write the trial, the pot and the figure: look T2 pot 7 14 cm.',
	'line-lost': () => 'Write the trial and the pot: lost T2 pot 9.',
	'line-strip': () => 'Write the bed and both figures: strip Mere 2 untreated 4 treated 7.'
};
