import { ashCap, charShareLimits, pottingShare } from '$lib/core/beds';
import { placeLimits, waterLimits } from '$lib/core/brews';
import { crushLimits } from '$lib/core/char';
import { nitrogenLimits } from '$lib/core/charging';
import { closureLimit, proofLimits, wayOf, ways } from '$lib/core/fires';
import { exactly, known, reckon, type Estimate, type Range, type Unit } from '$lib/core/units';
import { assumedWidth, moistureLimits } from '$lib/core/woodyard';

/** A value the program starts from and measures things by: not worked out, but taken from a source. */
export interface Rule {
	readonly label: string;
	readonly figure: Estimate;
}

function rule(label: string, range: Range, unit: Unit, basis: string, source: string): Rule {
	const leaf = known(label, range, unit, 'default', source);
	return { label, figure: reckon<number>((v) => v, leaf, { unit, basis }) };
}

const wood = (label: string, value: number, basis: string) =>
	rule(label, exactly(value), 'share', basis, moistureLimits.source);
const share = (label: string, value: number) =>
	rule(label, exactly(value), 'share', 'char of the soil, by volume', charShareLimits.source);
const away = (from: string, least_m: number, source: string) =>
	rule(`Away from ${from}`, exactly(least_m), 'm', 'at least', source);
const wide = ([low = 0, high = low]: readonly number[]): Range => ({
	value: (low + high) / 2,
	low,
	high
});

/** Every rule that a page names, by the room and the name a sentence gives it. */
export const rules: Readonly<Record<string, ReadonlyMap<string, Rule>>> = {
	wood: new Map([
		['mean', wood('Wettest mean that may burn', moistureLimits.readyMean, 'wet basis')],
		['highest', wood('Wettest piece that may burn', moistureLimits.readyHighest, 'wet basis')],
		[
			'width',
			rule('Width that is taken', assumedWidth, 'm', 'across the stack', assumedWidth.source)
		]
	]),
	soil: new Map([
		['target', share('Target of char', charShareLimits.target)],
		['first', share('Most at first', charShareLimits.first)],
		['ceiling', share('Ceiling for life', charShareLimits.ceiling)],
		[
			'ash',
			rule(
				'Ash in twelve months',
				exactly(ashCap.g_per_m2),
				'g/m²',
				'dry, all routes counted',
				ashCap.source
			)
		]
	]),
	water: new Map([
		[
			'stand',
			rule(
				'Chlorine leaves standing water in',
				exactly(waterLimits.stand_h),
				'h',
				'in a wide, open vessel',
				'Practice: a day open'
			)
		],
		[
			'bubble',
			rule(
				'Chlorine leaves bubbled water in',
				exactly(waterLimits.bubble_h),
				'h',
				'bubbled strongly',
				'Practice: two hours bubbled'
			)
		]
	]),
	place: new Map([
		['house', away('house', placeLimits.house_m, 'A working assumption of what a nose bears')],
		[
			'boundary',
			away('boundary', placeLimits.boundary_m, 'A working assumption of what neighbours bear')
		],
		['water', away('open water', placeLimits.water_m, 'Practice: 10 m or more, as local rules say')]
	]),
	nitrogen: new Map([
		[
			'full',
			rule(
				'A full soak offers',
				wide([nitrogenLimits.full, nitrogenLimits.most]),
				'g/kg',
				'mineral N per kg of dry char',
				nitrogenLimits.source
			)
		]
	]),
	fires: new Map([
		[
			'closure',
			rule(
				'Furthest that three measures may lie apart',
				exactly(closureLimit),
				'times',
				'one measure over what the other two give',
				'Practice: further apart than a factor of 1.5, one of them is wrong'
			)
		],
		[
			'cold',
			rule(
				'Proven cold is below',
				exactly(proofLimits.probe_C),
				'°C',
				'probe at full depth, three places',
				'Quench practice: under 50 °C in at least three places at full depth'
			)
		],
		[
			'cool-core',
			rule(
				'A core to be stored is no warmer than the air and',
				exactly(proofLimits.coreAboveAir_C),
				'°C',
				'difference of the warmest probe and the air beside it',
				'Practice: char that still works keeps itself warmer than the air'
			)
		]
	]),
	crush: new Map([
		[
			'usual',
			rule(
				'Crushing packs away',
				wide(crushLimits.usual),
				'share',
				'of the litres of whole char',
				crushLimits.source
			)
		]
	]),
	yield: new Map(
		ways.map(({ id }): [string, Rule] => {
			const { name, massYield } = wayOf(id);
			const { low, mean: value, high } = massYield;
			return [
				id,
				rule(
					`Yield of ${name}`,
					{ low, value, high },
					'share',
					'dry char per dry wood, by mass',
					massYield.source
				)
			];
		})
	),
	dose: new Map([
		[
			'pots',
			rule(
				'Char in a potting mix',
				wide([pottingShare.low, pottingShare.high]),
				'share',
				'of the mix, by volume',
				pottingShare.source
			)
		]
	])
};

/** The page where the limits of a room are at work. */
export const roomOf: Readonly<Record<string, string>> = {
	wood: '/woodyard',
	soil: '/beds',
	dose: '/beds',
	water: '/brews',
	place: '/brews',
	nitrogen: '/charging',
	crush: '/charging',
	fires: '/fires',
	yield: '/fires'
};
