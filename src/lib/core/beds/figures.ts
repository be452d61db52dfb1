import {
	found,
	known,
	kgDry,
	litres,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type Litres,
	type Range
} from '../units';
import { roomFigure, shareFigure, type Ground } from './room';
import { phLimits } from './want';

interface Bed {
	readonly char: Range;
	readonly ground: Ground;
	readonly ph?: number | undefined;
}

/**
 * The figures of a bed by name: `share` of char in its worked soil, litres of `room` to the target and
 * `good` to the ceiling, and its pH with the limits it is judged by, where it was read.
 */
export const bedFigures = ({ char, ground, ph }: Bed) => ({
	share: shareFigure(char, ground),
	room: roomFigure('target', char, ground),
	good: roomFigure('ceiling', char, ground),
	...(ph === undefined ? {} : { ph: phFigure(ph) })
});

/** What was read, beside the limits it is held against. */
const phFigure = (ph: number): Estimate => {
	const limit = (name: string, value: number) =>
		known(name, value, 'pH', 'default', phLimits.source);
	return found<number>(
		(v) => v,
		known('as read', ph, 'pH', 'measured', 'read in the soil'),
		[limit('sour below', phLimits.sour), limit('too high from', phLimits.alkaline)],
		{ unit: 'pH', basis: 'read in the soil' }
	);
};
interface Spread {
	readonly lotCode: string;
	readonly mix_l: number;
	readonly char_l: number;
	readonly charLow_l: number;
	readonly charHigh_l: number;
	readonly char_kg: number;
}

/** What one putting on brought a bed: as it was reckoned then, whatever was measured since. */
export function spreadFigures({ lotCode, mix_l, char_l, charLow_l, charHigh_l, char_kg }: Spread): {
	readonly char: Estimate<Litres>;
	readonly kg: Estimate<KgDry>;
} {
	const mix = known(
		`${lotCode}, as it lay`,
		mix_l,
		'L',
		'typed',
		'what was put on, in the measure it was typed in'
	);
	const share = known(
		`char share of ${lotCode}`,
		{ value: char_l / mix_l, low: charLow_l / mix_l, high: charHigh_l / mix_l },
		'share',
		'computed',
		'of the lot, when it was put on'
	);
	const dry = known(
		'dry char per litre',
		char_kg / mix_l,
		'kg/L',
		'computed',
		'what the lot held then, dry, over its volume; a later, better density leaves it as it is'
	);
	return {
		char: reckon(litres, times(mix, share), { unit: 'L', basis: 'char before mixing' }),
		kg: reckon(kgDry, times(mix, dry), { unit: 'kg', basis: 'the char alone, oven-dry' })
	};
}
