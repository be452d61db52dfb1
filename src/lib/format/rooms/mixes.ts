import { say } from '../figure';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	mix: 'mixed',
	'pot-up': 'potted'
};

export const fields: Names = {
	mixUse: 'for',
	mixed: 'measured once mixed',
	pots: 'pots',
	shape: 'shape',
	top: 'across the top',
	foot: 'across the foot',
	potHigh: 'high',
	cells: 'cells',
	cellVolume: 'a cell holds',
	caught: 'water caught',
	filledWith: 'mix filled'
};

export const complaints: Complaints = {
	'mix-liquid': () => 'A mix is of dry stuff: pour that on by itself.',
	'mix-more': ({ litres }, system) =>
		`Mixed it can’t be more than went in: ${say(Number(litres), 'L', system)}.`,
	'line-mix': ({ words }) =>
		`“${words}” was not read. Say the name, then each amount before its stuff: blend Spring mix 3 kg bone meal 2 kg M31.`,
	'line-bag': ({ words }) =>
		`“${words}” was not read. Say what, how many of which size, and what one cost: bag compost 3 x 50 L 7.50.`,
	'line-pot': ({ words }) =>
		`“${words}” was not read. Say the mix, how many, and how wide: pot X1 24 x 9 cm.`
};
