import {
	estimate,
	exactly,
	kgDry,
	litres,
	type Estimate,
	type Input,
	type KgDry,
	type Litres
} from '$lib/core/units';

interface Spread {
	readonly lotCode: string;
	readonly mix_l: number;
	readonly char_l: number;
	readonly char_kg: number;
	readonly density_kg_per_l: number;
}

/** What one spreading put on a bed: as it was reckoned then, whatever was measured since. */
export function spreadFigures({ lotCode, mix_l, char_l, char_kg, density_kg_per_l }: Spread): {
	readonly char: Estimate<Litres>;
	readonly kg: Estimate<KgDry>;
} {
	const mix: Input = {
		name: `${lotCode}, as it lay`,
		value: mix_l,
		unit: 'L',
		origin: 'typed',
		source: 'what was put on, in the measure it was typed in'
	};
	const share: Input = {
		name: `char share of ${lotCode}`,
		value: char_l / mix_l,
		unit: 'share',
		origin: 'computed',
		source: 'of the lot, when it was spread'
	};
	const density: Input = {
		name: 'density it went with',
		value: density_kg_per_l,
		unit: 'kg/L',
		origin: 'computed',
		source: 'of the char, dry; a later, better one leaves it as it is'
	};
	return {
		char: estimate(litres, exactly(char_l), {
			unit: 'L',
			basis: 'char before mixing',
			formula: 'spread × char share',
			from: [mix, share]
		}),
		kg: estimate(kgDry, exactly(char_kg), {
			unit: 'kg',
			basis: 'the char alone, oven-dry',
			formula: 'the part of the lot’s grams that went with these litres',
			from: [mix, density]
		})
	};
}
