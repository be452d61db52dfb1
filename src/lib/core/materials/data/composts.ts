import { none, tables, type Material } from './material';

const compost = {
	state: 'solid',
	sort: 'other',
	basis: 'kg dry',
	mineralShare: [0.05, 0.15],
	lime: none,
	ph: [6.5, 8],
	salt: 'little',
	germs: 'none'
} as const;

/** Composts, moulds and what goes on a heap. */
export const composts: readonly Material[] = Object.freeze([
	{
		...compost,
		id: 'finished-compost',
		name: 'finished compost',
		density: [0.45, 0.65],
		water: [0.35, 0.55],
		nitrogen: [8, 15],
		phosphorus: [2, 5],
		potassium: [6, 15],
		source: `Finished garden compost: 8–15 g N/kg dry, 5–15 % of it mineral; ${tables}`
	},
	{
		...compost,
		id: 'castings',
		name: 'worm castings',
		density: [0.6, 0.8],
		water: [0.6, 0.75],
		nitrogen: [10, 20],
		phosphorus: [3, 8],
		potassium: [5, 12],
		source: `Castings: 10–20 g N/kg dry, 60–75 % water; ${tables}`
	},
	{
		...compost,
		id: 'leaf-mould',
		name: 'leaf mould',
		density: [0.3, 0.5],
		water: [0.5, 0.7],
		nitrogen: [5, 10],
		mineralShare: [0.001, 0.02],
		phosphorus: [0.5, 1],
		potassium: [1, 3],
		ph: [5, 6.5],
		source: `Leaf mould: 5–10 g N/kg dry, about none of it mineral; ${tables}`
	},
	{
		...compost,
		id: 'garden-soil',
		name: 'garden soil',
		density: [1.1, 1.4],
		water: [0.1, 0.25],
		nitrogen: none,
		mineralShare: none,
		phosphorus: none,
		potassium: none,
		ph: [5.5, 7.5],
		source:
			'A litre of garden soil weighs 1.1–1.4 kg; its nutrients are the bed’s own and not counted'
	},
	{
		...compost,
		id: 'greens',
		name: 'shredded greens',
		density: [0.2, 0.4],
		water: [0.7, 0.85],
		nitrogen: [20, 40],
		phosphorus: [2, 5],
		potassium: [15, 35],
		source: 'Leaves and soft tops: 2–4 % N of the dry mass; rounded from feed tables'
	},
	{
		...compost,
		id: 'fresh-heap',
		name: 'greens and browns for a heap',
		density: [0.25, 0.45],
		water: [0.5, 0.65],
		nitrogen: [12, 20],
		phosphorus: [2, 4],
		potassium: [8, 18],
		germs: 'none',
		source: 'A heap at 25–35 parts carbon to one of nitrogen: 1.2–2 % N of the dry mass'
	},
	{
		...compost,
		id: 'fresh-leaves',
		name: 'fresh comfrey, nettle or the like',
		density: [0.1, 0.25],
		water: [0.82, 0.9],
		nitrogen: [30, 45],
		phosphorus: [4, 8],
		potassium: [35, 60],
		source:
			'Comfrey and nettle cut fresh: 3–4.5 % N, 3.5–6 % K of the dry mass; rounded from feed and herb tables'
	}
] satisfies readonly Material[]);
