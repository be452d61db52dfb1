import { none, type Material } from './material';

const kitchen = { sort: 'other', mineralShare: none, lime: none, germs: 'none' } as const;

/** From the kitchen and the feed bin. */
export const larder: readonly Material[] = Object.freeze([
	{
		id: 'cereal-bran',
		state: 'solid',
		sort: 'other',
		basis: 'kg dry',
		lime: none,
		salt: 'little',
		germs: 'none',
		name: 'cereal bran',
		density: [0.2, 0.3],
		water: [0.1, 0.14],
		nitrogen: [20, 28],
		mineralShare: [0.001, 0.02],
		phosphorus: [8, 13],
		potassium: [10, 14],
		ph: [6, 7],
		source: 'Bran: 20–28 g N, 8–13 g P, 10–14 g K per kg dry, 12 % water'
	},
	{
		...kitchen,
		id: 'sugar',
		name: 'sugar or molasses',
		state: 'solid',
		density: [0.8, 1.4],
		water: [0, 0.25],
		basis: 'kg',
		nitrogen: none,
		phosphorus: none,
		potassium: none,
		ph: [5, 7],
		salt: 'little',
		germs: 'sugar-fed',
		source: 'Quick food for microbes, soon gone; none of its minerals counted'
	},
	{
		...kitchen,
		id: 'molasses',
		name: 'molasses without preservative',
		state: 'liquid',
		density: [1.35, 1.45],
		water: [0.2, 0.28],
		basis: 'kg',
		nitrogen: [5, 15],
		phosphorus: [0.4, 1.2],
		potassium: [20, 45],
		ph: [5, 6.5],
		salt: 'some',
		germs: 'sugar-fed',
		source: 'Cane and beet molasses: 0.5–1.5 % N, 2–4.5 % K as used; rounded from feed tables'
	},
	{
		...kitchen,
		id: 'cereal-grain',
		name: 'steamed cereal grain',
		state: 'solid',
		density: [0.65, 0.8],
		water: [0.45, 0.6],
		basis: 'kg dry',
		nitrogen: [14, 22],
		phosphorus: [3, 4.5],
		potassium: [4, 6],
		ph: [5.5, 6.5],
		salt: 'little',
		source:
			'Barley, oats, rice: 1.4–2.2 % N of the dry mass (feed tables); steamed it is half water'
	},
	{
		...kitchen,
		id: 'milk',
		name: 'milk',
		state: 'liquid',
		density: [1.03, 1.035],
		water: [0.86, 0.91],
		basis: 'L',
		nitrogen: [4.8, 5.8],
		phosphorus: [0.85, 1],
		potassium: [1.4, 1.7],
		ph: [6.5, 6.8],
		salt: 'little',
		source: 'Cow’s milk: 30–36 g protein a litre (÷ 6.38 is N), 0.9 g P, 1.5 g K; food tables'
	},
	{
		...kitchen,
		id: 'boiled-potato',
		name: 'boiled potato',
		state: 'solid',
		density: [0.9, 1.05],
		water: [0.75, 0.82],
		basis: 'kg dry',
		nitrogen: [12, 18],
		phosphorus: [1.5, 2.5],
		potassium: [15, 22],
		ph: [5.5, 6.3],
		salt: 'little',
		source: 'Potatoes: 1.2–1.8 % N, 1.5–2.2 % K of the dry mass; food tables'
	},
	{
		...kitchen,
		id: 'sea-salt',
		name: 'sea salt',
		state: 'solid',
		density: [1, 1.3],
		water: [0, 0.05],
		basis: 'kg',
		nitrogen: none,
		phosphorus: none,
		potassium: none,
		ph: [7, 8.5],
		salt: 'much',
		source: 'Salt for the kitchen; none of it is counted as a nutrient'
	},
	{
		...kitchen,
		id: 'bread-yeast',
		name: 'bread yeast in a little water',
		state: 'liquid',
		density: [1, 1.1],
		water: [0.8, 0.95],
		basis: 'kg',
		nitrogen: [3, 12],
		phosphorus: [0.5, 2],
		potassium: [0.5, 3],
		ph: [4.5, 6],
		salt: 'little',
		source:
			'Baker’s yeast is 2 % N fresh, stirred into a few times its weight of water; a working assumption'
	}
] satisfies readonly Material[]);
