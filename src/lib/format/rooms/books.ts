import { amount } from '../field-words';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	hold: 'quarantined',
	release: 'released',
	recount: 'counted again',
	dispose: 'disposed of',
	lose: 'lost',
	'give-away': 'given away',
	reverse: 'reversed',
	'keep-settings': 'settings kept',
	rename: 'called otherwise',
	retire: 'used no longer',
	merge: 'the same as another',
	'name-thing': 'named',
	'calibrate-measure': 'measure calibrated'
};

export const fields: Names = {
	found: 'really there',
	recountReason: 'why',
	how: 'how it left',
	taken: 'how much',
	takenReason: 'where to, and why',
	words: 'what was seen',
	withDependents: 'with what rests on it',
	newName: 'the new name',
	into: 'the same as',
	reads: 'what it reads'
};

export const complaints: Complaints = {
	'already-held': ({ code }) => `${code} is already quarantined.`,
	'not-held': ({ code }) => `${code} is not quarantined.`,
	'recount-empty': ({ code }) =>
		`The books had ${code} empty by then. Reverse the act that emptied it instead.`,
	'recount-below': (facts, system) =>
		`Later acts took more than that: ${facts.code} would be ${amount(facts, 'missing_l', 'L', system)} short. Count it at a later moment, or put right what was taken.`,
	'recount-same': () => 'That is what the books say already.',
	'already-reversed': () => 'That act is already reversed.',
	'rests-on-it': ({ count }) => `${count} later acts rest on it. Undo them with it, or one by one.`,
	'same-name': ({ name }) => `It is called ${name} already.`,
	'parts-stay': ({ name }) =>
		`${name} is a part of a bed, or has parts: what lies where would be lost. Retire the parts first.`,
	'not-done-with-it': ({ name }) => `That is not done with ${name}.`,
	'unknown-thing': ({ name }) => `There is no ${name} in the books.`,
	'ends-before': () => 'That ends before it begins.',
	'line-small': ({ name, asks, line }) => `Of ${name} write ${asks} too: ${line}.`,
	'unknown-act': () => 'That act is not in the books.'
};
