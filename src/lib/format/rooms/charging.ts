import type { ReadyCheck } from '../../core/charging';
import { checkWords } from '../charge-words';
import { amount } from '../field-words';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	charge: 'charged',
	'test-charge': 'tested',
	drain: 'drained',
	'top-up': 'topped up',
	move: 'moved',
	split: 'split',
	join: 'joined'
};

export const fields: Names = {
	wantedN: 'mineral N wanted, g/kg',
	reallyPartner: 'partner, really',
	reallyWater: 'rain water, really',
	add: 'with',
	into: 'into',
	part: 'how much',
	checks: 'what is so',
	failed: 'it failed',
	ph: 'pH',
	liquor: 'liquor caught',
	how: 'what was done',
	liquid: 'covered with',
	recipeName: 'kept as',
	'with-sugar': 'sugar',
	'extra-sugar': 'sugar'
};

/** Checks by their ids, in words. */
const checksTold = (checks: string | number | undefined): string =>
	String(checks)
		.split(',')
		.map((check) => `“${checkWords[check as ReadyCheck]}”`)
		.join(', ');

export const complaints: Complaints = {
	'tick-or-failed': () => 'Tick what is so; if nothing is, say that it failed.',
	'checks-rest': ({ checks }) =>
		`Its test looks at more: ${checksTold(checks)}. Look at that too and send all of it; if it is not so, say that it failed.`,
	'not-its-check': ({ checks }) => `That is not what its test looks at: ${checksTold(checks)}.`,
	'mucked-out': ({ code }) => `${code} is mucked out already: from then on it composts.`,
	'no-bedding': ({ code }) => `${code} is no bedding: there is nothing to muck out.`,
	'goes-on-bed': () =>
		'That goes on the bed as it is: open the bed, choose this char, and say why.',
	'line-test': ({ code }) =>
		`What did ${code} show? Such as: test ${code} sinks, test ${code} earthy, test ${code} fails.`,
	'no-batch': ({ code }) => `${code} is no batch: nothing works in it.`,
	'no-ingredient': ({ code }) =>
		`${code} can’t be an ingredient here. Take char or something in stock.`,
	'other-school': ({ code, school }) =>
		`${code} is another kind: ${school}. Only like goes to like.`,
	'split-all': ({ code }) => `That is all of ${code}; a part of it was meant.`,
	'stands-there': ({ code }) => `${code} stands there already.`,
	'more-than-liquid': (facts, system) =>
		`${facts.code} holds ${amount(facts, 'held_l', 'L', system)} of liquid in all: no more can run off.`,
	'no-soak': ({ code }) => `${code} is no soak: it has no liquid to drain.`,
	'already-drained': ({ code }) => `${code} is drained already.`,
	'before-start': ({ code }) => `${code} was not started by then.`,
	'wrong-partner': ({ school }) => `That partner does not belong to the ${school}.`,
	'tub-wanted': () => 'Choose the tub it will soak in.',
	'cress-whole': () => 'Seeds are counted in whole numbers.',
	'cress-more-than-sown': ({ up, sown }) =>
		`${up} came up out of ${sown} sown? One of the two is wrong.`,
	'cress-seeds': () => 'The cress test needs 20 seeds or more in both.',
	'cress-control': () =>
		'The cress test is void: under 85 % of the seeds came up in plain water. Repeat it with fresh seed.'
};
