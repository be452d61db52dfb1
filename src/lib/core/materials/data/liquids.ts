import { none, type Material } from './material';

const liquor = {
	state: 'liquid',
	sort: 'other',
	density: [1, 1.02],
	water: [0.97, 0.999],
	basis: 'L',
	lime: none,
	salt: 'some',
	germs: 'none'
} as const;

/** Liquids, and the water that brings nothing. */
export const liquids: readonly Material[] = Object.freeze([
	{
		id: 'urine',
		name: 'urine',
		state: 'liquid',
		sort: 'other',
		density: [1, 1.03],
		water: [0.95, 0.98],
		basis: 'L',
		nitrogen: [5, 7],
		mineralShare: [0.9, 1],
		phosphorus: [0.4, 0.8],
		potassium: [1.5, 2.2],
		lime: none,
		ph: [6, 9],
		salt: 'much',
		germs: 'urine',
		source:
			'Fresh household urine: 5–7 g N/L, 90–100 % urea and ammonium; 0.4–0.8 g P, 1.5–2.2 g K/L'
	},
	{
		id: 'plant-liquor',
		name: 'plant liquor',
		state: 'liquid',
		sort: 'other',
		density: [1, 1.02],
		water: [0.97, 0.995],
		basis: 'L',
		nitrogen: [0.2, 0.8],
		mineralShare: [0.3, 0.7],
		phosphorus: [0.05, 0.15],
		potassium: [0.3, 1.2],
		lime: none,
		ph: [4.5, 7.5],
		salt: 'some',
		germs: 'none',
		source:
			'Liquor of plants steeped in water: 0.2–0.8 g N, 0.3–1.2 g K/L; its mineral share is a working assumption'
	},
	{
		id: 'fish-hydrolysate',
		name: 'fish hydrolysate',
		state: 'liquid',
		sort: 'other',
		density: [1.05, 1.2],
		water: [0.5, 0.7],
		basis: 'L',
		nitrogen: [20, 40],
		mineralShare: [0.05, 0.3],
		phosphorus: [4, 10],
		potassium: [5, 20],
		lime: none,
		ph: [3.5, 5],
		salt: 'much',
		germs: 'none',
		source:
			'Fish hydrolysate: 20–40 g N, 4–10 g P, 5–20 g K/L; its mineral share is a working assumption'
	},
	{
		...liquor,
		id: 'compost-tea',
		name: 'compost tea',
		nitrogen: [0.05, 0.3],
		mineralShare: [0.2, 0.6],
		phosphorus: [0.01, 0.08],
		potassium: [0.1, 0.5],
		ph: [6, 8],
		salt: 'little',
		source: 'Working assumption: a tenth of compost by volume, its soluble part'
	},
	{
		...liquor,
		id: 'manure-tea',
		name: 'manure tea',
		nitrogen: [0.3, 1],
		mineralShare: [0.4, 0.7],
		phosphorus: [0.05, 0.3],
		potassium: [0.3, 1],
		ph: [6.5, 8.5],
		germs: 'raw-manure',
		source: 'Working assumption: a tenth of manure by volume, its soluble part'
	},
	{
		...liquor,
		id: 'pond-water',
		name: 'pond or fish-keeping water',
		nitrogen: [0.005, 0.05],
		mineralShare: [0.6, 1],
		phosphorus: [0.001, 0.01],
		potassium: [0.005, 0.05],
		ph: [6.5, 8.5],
		salt: 'little',
		source: 'Fish-keeping practice: 20–200 mg nitrate a litre; less in a pond'
	},
	{
		...liquor,
		id: 'soak-liquor',
		name: 'liquor of a soak',
		nitrogen: [0.1, 3],
		mineralShare: [0.8, 1],
		phosphorus: [0.01, 0.3],
		potassium: [0.1, 1.5],
		ph: [7, 9],
		germs: 'urine',
		source: 'What runs off a soak: by its own books, where it has them'
	},
	{
		id: 'rain-water',
		name: 'rain water',
		state: 'liquid',
		sort: 'other',
		density: [1, 1],
		water: [1, 1],
		basis: 'L',
		nitrogen: none,
		mineralShare: none,
		phosphorus: none,
		potassium: none,
		lime: none,
		ph: [5, 7],
		salt: 'little',
		germs: 'none',
		source: 'Rain water brings nothing that is counted'
	}
] satisfies readonly Material[]);
