import {
	earlier,
	kgDry,
	kgDryPerLitre,
	known,
	less,
	over,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres
} from '../units';
import type { CharState, CharWetness } from './state';

/** A kitchen scale and a struck-off bucket are good to about 5 %. */
const scaleAndBucket = 0.05;

/** Density from one filled, dried and weighed measure. Basis: kg dry per litre in the state sampled. */
export function sampledDensity(
	volume: Litres,
	dry: KgDry,
	state: CharState = 'whole'
): Estimate<KgDryPerLitre> {
	if (volume <= 0) throw new RangeError(`sampledDensity: volume ${volume} L must be above 0`);
	const weighed = {
		value: dry,
		low: dry * (1 - scaleAndBucket),
		high: dry * (1 + scaleAndBucket)
	};
	return reckon(
		kgDryPerLitre,
		over(
			known('dried', weighed, 'kg', 'measured', 'weighed dry, ± 5 % with the measure it fills'),
			known('sample', volume, 'L', 'measured', 'filled and struck off')
		),
		{ unit: 'kg/L', basis: `dry, loose, ${state}` }
	);
}

/** A scale is good to 1 %, a heap filled into measures to 5 %. */
const scale = 0.01;
/** What all of a lot comes to, by the scale: its leaf in a density. */
const allDried = 'all of it, dried';
const allFilled = 'all of it, by volume';

const about = (value: number, by: number) => ({
	value,
	low: value * (1 - by),
	high: value * (1 + by)
});

/**
 * Density of char of which all was dried and weighed: the mass is as good as the scale, the doubt lies on the litres.
 * Basis: kg dry per litre in the state it lies in.
 */
export function weighedDensity(
	volume: Litres,
	dry: KgDry,
	state: CharState = 'whole'
): Estimate<KgDryPerLitre> {
	if (volume <= 0) throw new RangeError(`weighedDensity: volume ${volume} L must be above 0`);
	return reckon(
		kgDryPerLitre,
		over(
			known(allDried, about(dry, scale), 'kg', 'measured', 'weighed dry, ± 1 % of the scale'),
			known(allFilled, about(volume, scaleAndBucket), 'L', 'measured', 'filled, ± 5 %')
		),
		{ unit: 'kg/L', basis: `dry, loose, ${state}` }
	);
}

/** What all of a lot weighed dry and filled, where its density is known by that. */
export function allWeighed({
	from
}: Pick<Estimate<KgDryPerLitre>, 'from'>):
	{ readonly kg: number; readonly litres: number } | undefined {
	const [kg, volume] = [allDried, allFilled].map((name) => from.find((leaf) => leaf.name === name));
	return kg && volume ? { kg: kg.value, litres: volume.value } : undefined;
}

/** Of char weighed with its water in it: a name of its leaf, so that a water read later can take its place. */
export const waterGuessed = 'water in it, by its look';

/** Density of char weighed as it lay, less its water: read, or guessed by how it looks. Basis: kg dry per litre. */
export function densityOfWet(
	volume: Litres,
	lay_kg: number,
	water: { readonly read: number } | { readonly looks: CharWetness },
	state: CharState = 'whole'
): Estimate<KgDryPerLitre> {
	const share =
		'read' in water
			? known('water in it, read', water.read, 'share', 'measured', 'weighed wet and dry')
			: waterByLook(water.looks);
	return reckon(
		kgDryPerLitre,
		over(
			times(
				known('as it lay', about(lay_kg, scale), 'kg', 'measured', 'weighed with its water'),
				less(1, share)
			),
			known('its volume', about(volume, scaleAndBucket), 'L', 'measured', 'filled, ± 5 %')
		),
		{ unit: 'kg/L', basis: `dry, loose, ${state}` }
	);
}

/** The density of char that was weighed with its water in it: its usual one, as doubtful as the guess at that water. */
export const byItsLook = (
	usual: Estimate<KgDryPerLitre>,
	wetness: CharWetness
): Estimate<KgDryPerLitre> =>
	reckon(
		kgDryPerLitre,
		times(earlier('density', usual), over(less(1, waterByLook(wetness)), 1 - charWater[wetness])),
		{ unit: 'kg/L', basis: usual.basis }
	);

const waterByLook = (wetness: CharWetness) =>
	known(
		waterGuessed,
		{ value: charWater[wetness], ...waterSpread[wetness] },
		'share',
		'default',
		'By how it looks; a litre weighed wet and dry replaces it'
	);

/** Water in char, share of its mass as it lies: by what its pores hold. Source: working assumption, uptake 0.37 L/L at 0.15 kg/L. */
export const charWater: Readonly<Record<CharWetness, number>> = Object.freeze({
	dry: 0.05,
	drained: 0.6,
	'quench-wet': 0.7
});

/** How far the water of char that looks so may lie off. Source: working assumption, as above. */
const waterSpread: Readonly<Record<CharWetness, { readonly low: number; readonly high: number }>> =
	Object.freeze({
		dry: { low: 0.02, high: 0.12 },
		drained: { low: 0.45, high: 0.7 },
		'quench-wet': { low: 0.55, high: 0.8 }
	});

/** Dry char denser than 0.45 kg/L loose is a wet sample or a wrong measure. */
export const plausibleCharDensity = Object.freeze({
	low: 0.04,
	high: 0.45,
	source: 'Loose dry char of husks to dense hardwood, with room'
});

/**
 * Dry char in so many litres, by its density in the same state; where all of it was weighed dry, its part of that
 * weight, as good as the scale. Basis: kg dry, the char alone.
 */
export function charFromLitres(volume: Litres, density: Estimate<KgDryPerLitre>): Estimate<KgDry> {
	const all = allWeighed(density);
	if (all)
		return reckon(
			kgDry,
			over(
				times(
					known(
						allDried,
						about(all.kg, scale),
						'kg',
						'measured',
						'weighed dry, ± 1 % of the scale'
					),
					known('char, by volume', volume, 'L', 'measured', 'of the lot, as it lies')
				),
				known(
					'all of it',
					all.litres,
					'L',
					'measured',
					'filled at one time: its doubt is that of the part'
				)
			),
			{ unit: 'kg', basis: 'dry char' }
		);
	return reckon(
		kgDry,
		times(
			known('char, by volume', volume, 'L', 'measured', 'of the lot, as it lies'),
			earlier('density', density, density.from[0]?.origin)
		),
		{ unit: 'kg', basis: 'dry char' }
	);
}
