/** A published low and high. */
type Span = readonly [low: number, high: number];

/** What an amount of a nutrient is told of: a litre or a kilogram as used, or a kilogram dry. */
export type Basis = 'L' | 'kg' | 'kg dry';

/** What must be lowered by curing, heat or age before it meets food that is eaten raw; the worst last. */
export const germClasses = Object.freeze(['none', 'aged', 'urine', 'raw-manure'] as const);
export type GermClass = (typeof germClasses)[number];

export type MaterialId =
	| 'finished-compost'
	| 'castings'
	| 'leaf-mould'
	| 'garden-soil'
	| 'cattle-manure'
	| 'cattle-manure-aged'
	| 'poultry-manure'
	| 'poultry-litter'
	| 'small-stock-manure'
	| 'cereal-bran'
	| 'urine'
	| 'plant-liquor'
	| 'fish-hydrolysate'
	| 'hardwood-ash'
	| 'softwood-ash'
	| 'rained-on-ash'
	| 'greens'
	| 'fresh-heap'
	| 'used-litter'
	| 'compost-tea'
	| 'manure-tea'
	| 'pond-water'
	| 'sugar'
	| 'soak-liquor'
	| 'rain-water';

/** What a stuff brings, as people use it. */
export interface Material {
	readonly id: MaterialId;
	readonly name: string;
	readonly state: 'solid' | 'liquid';
	/** The sort of dry matter it counts as. */
	readonly sort: 'ash' | 'other';
	/** kg per litre as used. */
	readonly density: Span;
	/** Water, share of the mass as used. */
	readonly water: Span;
	/** What the nutrients are told of. */
	readonly basis: Basis;
	/** g of the element per litre or kilogram of the basis. */
	readonly nitrogen: Span;
	/** Share of the nitrogen that is ammonium, urea or nitrate. */
	readonly mineralShare: Span;
	readonly phosphorus: Span;
	readonly potassium: Span;
	/** What it neutralises, kg calcium carbonate per kg dry; nought where it is not counted. */
	readonly lime: Span;
	readonly ph: Span;
	/** Salt that burns roots when much is given at once. */
	readonly salt: 'little' | 'some' | 'much';
	readonly germs: GermClass;
	readonly source: string;
}

/** Phosphorus and potassium in their oxides: ash is sold and analysed by those. */
export const elementOfOxide = Object.freeze({ phosphorus: 0.436, potassium: 0.83 });

const none: Span = [0, 0];
const practice = 'Fresh figures as gardeners use them';
const tables = 'P and K rounded from common manure tables';

const manure = {
	state: 'solid',
	sort: 'other',
	basis: 'kg',
	lime: none,
	ph: [6.5, 8.5],
	salt: 'some',
	germs: 'raw-manure'
} as const;

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

const ash = {
	state: 'solid',
	sort: 'ash',
	density: [0.4, 0.7],
	water: [0, 0.05],
	basis: 'kg dry',
	nitrogen: none,
	mineralShare: none,
	ph: [10, 13],
	salt: 'much',
	germs: 'none'
} as const;

/** Oxide percent of the mass as element, g/kg. */
const ofOxide = (element: keyof typeof elementOfOxide, [low, high]: Span): Span => [
	low * 10 * elementOfOxide[element],
	high * 10 * elementOfOxide[element]
];

export const materials: readonly Material[] = Object.freeze([
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
		...compost,
		id: 'cereal-bran',
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
		...ash,
		id: 'hardwood-ash',
		name: 'wood ash, hardwood',
		phosphorus: ofOxide('phosphorus', [1, 2]),
		potassium: ofOxide('potassium', [2, 8]),
		lime: [0.3, 0.6],
		source: 'Hardwood ash: CCE 30–60 %, K₂O 2–8 %, P₂O₅ 1–2 %; told as the elements'
	},
	{
		...ash,
		id: 'softwood-ash',
		name: 'wood ash, softwood or mixed',
		phosphorus: ofOxide('phosphorus', [1, 2]),
		potassium: ofOxide('potassium', [1, 4]),
		lime: [0.25, 0.5],
		source: 'Softwood and mixed ash: CCE 25–50 %, K₂O 1–4 %; told as the elements'
	},
	{
		...ash,
		id: 'rained-on-ash',
		name: 'wood ash, rained on',
		water: [0.2, 0.5],
		phosphorus: ofOxide('phosphorus', [1, 2]),
		potassium: ofOxide('potassium', [0.2, 1]),
		lime: [0.25, 0.5],
		ph: [9, 12],
		source:
			'Rain washes out potash, below 1 % K₂O is left, and part of the bite; lime as softwood ash'
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
		id: 'sugar',
		name: 'sugar or molasses',
		state: 'solid',
		sort: 'other',
		density: [0.8, 1.4],
		water: [0, 0.25],
		basis: 'kg',
		nitrogen: none,
		mineralShare: none,
		phosphorus: none,
		potassium: none,
		lime: none,
		ph: [5, 7],
		salt: 'little',
		germs: 'none',
		source: 'Quick food for microbes, soon gone; none of its minerals counted'
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

/** @throws RangeError for a material that is in no table */
export function materialOf(id: MaterialId): Material {
	const material = materials.find((entry) => entry.id === id);
	if (!material)
		throw new RangeError(
			`materialOf: "${id}" is not one of ${materials.map((entry) => entry.id).join(', ')}`
		);
	return material;
}

export const isMaterial = (id: string): id is MaterialId =>
	materials.some((entry) => entry.id === id);
