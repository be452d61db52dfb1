import {
	kgDry,
	known,
	litres,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type Litres
} from '$lib/core/units';

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
		'what the lot held then, dry, over its litres; a later, better density leaves it as it is'
	);
	return {
		char: reckon(litres, times(mix, share), { unit: 'L', basis: 'char before mixing' }),
		kg: reckon(kgDry, times(mix, dry), { unit: 'kg', basis: 'the char alone, oven-dry' })
	};
}
