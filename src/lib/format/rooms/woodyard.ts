import { amount } from '../field-words';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'measure-stack': 'stack measured',
	'read-moisture': 'moisture read',
	'split-stack': 'stack split',
	'join-stacks': 'stacks laid together'
};

export const fields: Names = {
	other: 'together with',
	sizedBy: 'measured by',
	filled: 'filled',
	filledAs: 'filled',
	seasoned: 'seasoned',
	count: 'how many',
	oneWeight: 'one weighs',
	oneHolds: 'one takes up',
	oneWater: 'its water',
	walnut: 'walnut',
	cover: 'kept'
};

export const complaints: Complaints = {
	'no-moisture': () =>
		'Nought is no moisture: wood that lies in air is never quite dry. Read a fresh face again, or write <7 where the meter shows nothing.',
	'too-big': (facts, system) =>
		`That is larger than any pile in a yard (${amount(facts, 'most_l', 'L', system)}). Check the units of the three sides.`,
	'no-stack': ({ code }) => `${code} is no stack.`
};
