import {
	estimate,
	kgDryPerLitre,
	nextOne,
	type Estimate,
	type Input,
	type KgDryPerLitre
} from '../units';

/** From fire to fire of one grower and one wood about 12 %, until their own samples say; a kitchen scale and a struck-off bucket are good to 5 %. */
const usualSpread = Object.freeze({ ofLogs: 0.12, ofOne: Math.log(1.05) });

/** Of the char without its pores and the air between. Source: the skeleton taken for soaks. */
const skeleton_kg_per_L = 1.6;

/**
 * The grower's own density of whole char, from measured lots of one class of wood, with the range the
 * next lot will fall in (`nextOne`). Basis: kg dry per litre, loose, whole.
 * @param samples measured densities, kg dry per litre, at least one
 */
export function ownDensity(samples: readonly number[]): Estimate<KgDryPerLitre> {
	const next = nextOne(samples, usualSpread);
	// However far the samples scatter, no heap is denser than the char itself.
	const range = { ...next, high: Math.min(next.high, skeleton_kg_per_L) };
	return estimate(kgDryPerLitre, range, {
		unit: 'kg/L',
		basis: 'dry, loose, whole',
		formula: 'geometric mean of own samples of this wood',
		from: ownInputs(samples)
	});
}

const ownInputs = (samples: readonly number[]): Input[] =>
	samples.map((value, i) => ({
		name: `own sample ${i + 1}`,
		value,
		unit: 'kg/L',
		origin: 'own',
		source: 'a filled, dried and weighed measure'
	}));
