import { none, type Material, type Span } from './material';

/** A quarter of a litre's weight more or less: a weighed barrow wins. */
const about = (usual: number): Span => [usual * 0.8, usual * 1.25];
const points = (usual: number): Span => [usual - 0.05, Math.min(0.95, usual + 0.05)];
/** Nitrogen, percent of the dry mass, as grams to the kilogram. */
const ofDry = (percent: number): Span => [percent * 8.5, percent * 11.8];
const compiled = 'Compiled compost tables; P and K rounded from feed and compost tables';

const loose = {
	state: 'solid',
	sort: 'other',
	basis: 'kg dry',
	mineralShare: [0.02, 0.1],
	lime: none,
	ph: [5.5, 7.5],
	salt: 'little',
	germs: 'none'
} as const;

/** What goes on heaps, as it is laid. */
export const heapStuffs: readonly Material[] = Object.freeze([
	{
		...loose,
		id: 'grass',
		name: 'cut grass',
		density: about(0.35),
		water: points(0.8),
		nitrogen: ofDry(2.7),
		phosphorus: [3, 5],
		potassium: [20, 30],
		source: `Grass: 2.7 % N of the dry mass, 80 % water. ${compiled}`
	},
	{
		...loose,
		id: 'kitchen-scraps',
		name: 'vegetable scraps',
		density: about(0.5),
		water: points(0.85),
		nitrogen: ofDry(2.6),
		phosphorus: [3, 5],
		potassium: [10, 25],
		source: `Vegetable scraps: 2.6 % N of the dry mass, 85 % water. ${compiled}`
	},
	{
		...loose,
		id: 'weeds',
		name: 'weeds without seed',
		density: about(0.25),
		water: points(0.8),
		nitrogen: ofDry(1.9),
		phosphorus: [2, 4],
		potassium: [15, 30],
		source: `Weeds: 1.9 % N of the dry mass, 80 % water. ${compiled}`
	},
	{
		...loose,
		id: 'coffee-grounds',
		name: 'coffee grounds',
		density: about(0.5),
		water: points(0.6),
		nitrogen: ofDry(2.3),
		phosphorus: [0.8, 2],
		potassium: [3, 6],
		source: `Coffee grounds: 2.3 % N of the dry mass, 60 % water. ${compiled}`
	},
	{
		...loose,
		id: 'stable-manure',
		name: 'horse manure with straw',
		density: about(0.45),
		water: points(0.7),
		nitrogen: ofDry(1.5),
		mineralShare: [0.1, 0.25],
		phosphorus: [2, 5],
		potassium: [10, 18],
		ph: [6.5, 8.5],
		salt: 'some',
		germs: 'raw-manure',
		source: `Horse manure with straw: 1.5 % N of the dry mass, 70 % water. ${compiled}`
	},
	{
		...loose,
		id: 'autumn-leaves',
		name: 'autumn leaves',
		density: [0.06, 0.2],
		water: [0.2, 0.5],
		nitrogen: ofDry(0.8),
		phosphorus: [0.5, 1.5],
		potassium: [2, 5],
		source: `Autumn leaves: 0.8 % N of the dry mass, about 30 % water; loose 0.06–0.10 kg/L, as carried more. ${compiled}`
	},
	{
		...loose,
		id: 'straw',
		name: 'straw',
		density: about(0.06),
		water: [0.08, 0.16],
		nitrogen: ofDry(0.6),
		phosphorus: [0.5, 1.2],
		potassium: [8, 15],
		source: `Straw: 0.6 % N of the dry mass, 12 % water. ${compiled}`
	},
	{
		...loose,
		id: 'wood-chips',
		name: 'wood chips',
		density: about(0.3),
		water: [0.3, 0.5],
		nitrogen: ofDry(0.16),
		mineralShare: none,
		phosphorus: [0.1, 0.4],
		potassium: [0.8, 2],
		source: `Chips: 0.16 % N of the dry mass, 40 % water. ${compiled}`
	},
	{
		...loose,
		id: 'cardboard',
		name: 'torn cardboard',
		density: about(0.06),
		water: [0.05, 0.12],
		nitrogen: ofDry(0.12),
		mineralShare: none,
		phosphorus: [0.05, 0.2],
		potassium: [0.1, 0.4],
		source: `Cardboard without print or tape: 0.12 % N of the dry mass, 8 % water. ${compiled}`
	}
] satisfies readonly Material[]);
