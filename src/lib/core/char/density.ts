import {
	asInput,
	estimate,
	exactly,
	kgDry,
	kgDryPerLitre,
	product,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres
} from '../units';
import type { CharState } from './crush';

/** Density from one filled, dried and weighed measure. Basis: kg dry per litre in the state sampled. */
export function sampledDensity(
	volume: Litres,
	dry: KgDry,
	state: CharState = 'whole'
): Estimate<KgDryPerLitre> {
	if (volume <= 0) throw new RangeError(`sampledDensity: volume ${volume} L must be above 0`);
	const value = dry / volume;
	// A kitchen scale and a struck-off bucket are good to about 5 %.
	return estimate(
		kgDryPerLitre,
		{ value, low: value * 0.95, high: value * 1.05 },
		{
			unit: 'kg/L',
			basis: `dry, loose, ${state}`,
			formula: 'dried mass ÷ litres of the sample',
			from: [
				{
					name: 'sample',
					value: volume,
					unit: 'L',
					origin: 'measured',
					source: 'filled and struck off'
				},
				{ name: 'dried', value: dry, unit: 'kg', origin: 'measured', source: 'weighed dry, ± 5 %' }
			]
		}
	);
}

/** Dry char denser than 0.45 kg/L loose is a wet sample or a wrong measure. */
export const plausibleCharDensity = Object.freeze({
	low: 0.04,
	high: 0.45,
	source: 'Loose dry char of husks to dense hardwood, with room'
});

/** Dry char in so many litres, by its density in the same state. Basis: kg dry, the char alone. */
export function charFromLitres(volume: Litres, density: Estimate<KgDryPerLitre>): Estimate<KgDry> {
	return estimate(kgDry, product([exactly(volume), density]), {
		unit: 'kg',
		basis: 'dry char',
		formula: 'litres × dry density',
		from: [
			{
				name: 'char litres',
				value: volume,
				unit: 'L',
				origin: 'measured',
				source: 'of the lot, as it lies'
			},
			asInput('density', density, density.from[0]?.origin)
		]
	});
}
