import {
	earlier,
	kgDry,
	kgDryPerLitre,
	known,
	over,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres
} from '../units';
import type { CharState, CharWetness } from './crush';

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

/** Water in char, share of its mass as it lies: by what its pores hold. Source: working assumption, uptake 0.37 L/L at 0.15 kg/L. */
export const charWater: Readonly<Record<CharWetness, number>> = Object.freeze({
	dry: 0.05,
	drained: 0.6,
	'quench-wet': 0.7
});

/** Dry char denser than 0.45 kg/L loose is a wet sample or a wrong measure. */
export const plausibleCharDensity = Object.freeze({
	low: 0.04,
	high: 0.45,
	source: 'Loose dry char of husks to dense hardwood, with room'
});

/** Dry char in so many litres, by its density in the same state. Basis: kg dry, the char alone. */
export const charFromLitres = (volume: Litres, density: Estimate<KgDryPerLitre>): Estimate<KgDry> =>
	reckon(
		kgDry,
		times(
			known('char, by volume', volume, 'L', 'measured', 'of the lot, as it lies'),
			earlier('density', density, density.from[0]?.origin)
		),
		{ unit: 'kg', basis: 'dry char' }
	);
