import { estimate, kgDryPerLitre, type Estimate, type Input, type KgDryPerLitre } from '../units';

const z80 = 1.2815515655446004;
/** Between fires of one grower and one wood, until their own samples say: about 12 %. */
const spreadBetweenFires = 0.12;

/**
 * The grower's own density of whole char, from measured lots of one class of wood: geometric mean,
 * with the range the next lot will fall in. Three samples and more give their own spread; fewer
 * borrow a usual one. Basis: kg dry per litre, loose, whole.
 * @param samples measured densities, kg dry per litre, at least one
 */
export function ownDensity(samples: readonly number[]): Estimate<KgDryPerLitre> {
	if (samples.length === 0) throw new RangeError('ownDensity: no samples');
	const logs = samples.map(Math.log);
	const mean = logs.reduce((sum, log) => sum + log, 0) / logs.length;
	const spread = logs.length < 3 ? spreadBetweenFires : standardDeviation(logs, mean);
	const reach = z80 * spread * Math.sqrt(1 + 1 / logs.length);
	return estimate(
		kgDryPerLitre,
		{ value: Math.exp(mean), low: Math.exp(mean - reach), high: Math.exp(mean + reach) },
		{
			unit: 'kg/L',
			basis: 'dry, loose, whole',
			formula: 'geometric mean of own samples of this wood',
			from: ownInputs(samples)
		}
	);
}

function standardDeviation(values: readonly number[], mean: number): number {
	const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
	return Math.sqrt(squares / (values.length - 1));
}

const ownInputs = (samples: readonly number[]): Input[] =>
	samples.map((value, i) => ({
		name: `own sample ${i + 1}`,
		value,
		unit: 'kg/L',
		origin: 'own',
		source: 'a filled, dried and weighed measure'
	}));
