import type { MaterialId } from '../../materials';

/** Of the nitrogen put on, the share that a first season is likely to find. */
export type FirstYear = readonly [low: number, high: number];

/** By what it is; of what stands in no row its mineral part is taken as there, and nothing of the rest. */
export const firstYear: Readonly<Partial<Record<MaterialId, FirstYear>>> = Object.freeze({
	urine: [0.8, 1],
	'poultry-manure': [0.4, 0.6],
	'poultry-litter': [0.4, 0.6],
	'plant-liquor': [0.7, 1],
	'fish-hydrolysate': [0.7, 1],
	'compost-tea': [0.7, 1],
	'manure-tea': [0.7, 1],
	'soak-liquor': [0.7, 1],
	'cattle-manure': [0.15, 0.3],
	'cattle-manure-aged': [0.1, 0.25],
	'small-stock-manure': [0.15, 0.3],
	'finished-compost': [0.05, 0.15],
	castings: [0.05, 0.15],
	'leaf-mould': [0.01, 0.05]
});

/** Of a brew, whatever it is made of. */
export const firstYearOfBrew: FirstYear = [0.7, 1];

export const firstYearSource =
	'First-year shares of the nitrogen put on, by what it is: published ranges, rounded';
