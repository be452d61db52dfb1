import { none, practice, tables, type Material } from './material';

const manure = {
	state: 'solid',
	sort: 'other',
	basis: 'kg',
	lime: none,
	ph: [6.5, 8.5],
	salt: 'some',
	germs: 'raw-manure'
} as const;

/** Manures and litter. */
export const manures: readonly Material[] = Object.freeze([
	{
		...manure,
		id: 'cattle-manure',
		name: 'cattle or horse manure, fresh',
		density: [0.6, 0.9],
		water: [0.7, 0.82],
		nitrogen: [4, 6],
		mineralShare: [0.2, 0.3],
		phosphorus: [1, 2],
		potassium: [4, 6],
		source: `${practice}: cattle or horse 4–6 g N/kg, 20–30 % of it mineral; ${tables}`
	},
	{
		...manure,
		id: 'cattle-manure-aged',
		name: 'cattle or horse manure, aged with straw',
		density: [0.4, 0.6],
		water: [0.5, 0.7],
		nitrogen: [4, 6],
		mineralShare: [0.05, 0.2],
		phosphorus: [1, 2],
		potassium: [4, 6],
		germs: 'aged',
		source: `${practice}: 4–6 g N/kg, less of it mineral as it ages; ${tables}`
	},
	{
		...manure,
		id: 'poultry-manure',
		name: 'poultry manure, fresh',
		density: [0.6, 0.9],
		water: [0.7, 0.82],
		nitrogen: [11, 16],
		mineralShare: [0.4, 0.6],
		phosphorus: [4, 8],
		potassium: [5, 10],
		salt: 'much',
		source: `${practice}: poultry 11–16 g N/kg, 40–60 % of it mineral; ${tables}`
	},
	{
		...manure,
		id: 'poultry-litter',
		name: 'poultry litter',
		density: [0.3, 0.5],
		water: [0.25, 0.35],
		nitrogen: [25, 35],
		mineralShare: [0.4, 0.6],
		phosphorus: [10, 15],
		potassium: [15, 25],
		salt: 'much',
		source: `${practice}: poultry litter 25–35 g N/kg; ${tables}`
	},
	{
		...manure,
		id: 'small-stock-manure',
		name: 'rabbit, sheep or goat manure',
		density: [0.6, 0.9],
		water: [0.7, 0.82],
		nitrogen: [7, 15],
		mineralShare: [0.2, 0.3],
		phosphorus: [2, 4],
		potassium: [6, 12],
		source: `${practice}: rabbit, sheep, goat 7–15 g N/kg; mineral share as cattle; ${tables}`
	},
	{
		...manure,
		id: 'used-litter',
		name: 'used litter of straw or shavings',
		density: [0.15, 0.35],
		water: [0.4, 0.65],
		nitrogen: [5, 10],
		mineralShare: [0.2, 0.4],
		phosphorus: [1, 3],
		potassium: [6, 12],
		source: 'Strawy litter as mucked out: 5–10 g N/kg; rounded from common manure tables'
	}
] satisfies readonly Material[]);
