import { joined, show } from '../figure';
import { number } from '../field-words';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	crush: 'crushed',
	're-measure': 'sampled again',
	'pool-char': 'tipped onto one heap'
};

export const fields: Names = { others: 'together with' };

export const complaints: Complaints = {
	'pool-states': () => 'Whole and crushed char stay apart: their litres are different measures.',
	'no-char': ({ code }) => `${code} is no char.`,
	'already-crushed': ({ code }) => `${code} is already crushed.`,
	'implausible-crush': (facts) =>
		`Crushing would have packed away ${joined(show({ value: number(facts, 'packed'), unit: 'share' }, 'metric'))}; 25–40 % is usual. Check both measures; if they are right, say why here.`
};
