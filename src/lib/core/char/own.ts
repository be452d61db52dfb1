import { mean } from 'simple-statistics';
import {
	found,
	kgDryPerLitre,
	known,
	nextOne,
	type Estimate,
	type KgDryPerLitre,
	type Range
} from '../units';

/** A kitchen scale and a struck-off bucket are good to 5 %. */
const ofOne = Math.log(1.05);
const z80 = 1.2815515655446004;

const weighed = 'a filled, dried and weighed measure';
/** Samples told one by one: of more, how many and their mean. */
const mostTold = 3;

/** Of the char without its pores and the air between. Source: the skeleton taken for soaks. */
const skeleton_kg_per_L = 1.6;

/**
 * The grower's own density of whole char, from measured lots of one class of wood, with the range the
 * next lot will fall in (`nextOne`). Basis: kg dry per litre, loose, whole.
 * @param samples measured densities, kg dry per litre, at least one
 * @param likeness the published range of that class: how far like char lies apart, until three samples say
 */
export function ownDensity(samples: readonly number[], likeness: Range): Estimate<KgDryPerLitre> {
	const ofLogs = Math.log(likeness.high / likeness.low) / (2 * z80);
	const next = nextOne(samples, { ofLogs, ofOne });
	// However far the samples scatter, no heap is denser than the char itself.
	const range = { ...next, high: Math.min(next.high, skeleton_kg_per_L) };
	return found(
		kgDryPerLitre,
		known(
			'own density',
			range,
			'kg/L',
			'own',
			'geometric mean of own samples of this wood, with where the next will fall'
		),
		samples.length > mostTold
			? [known(`mean of ${samples.length} own samples`, mean([...samples]), 'kg/L', 'own', weighed)]
			: samples.map((value, i) => known(`own sample ${i + 1}`, value, 'kg/L', 'own', weighed)),
		{ unit: 'kg/L', basis: 'dry, loose, whole' }
	);
}
