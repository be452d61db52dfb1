import { none, type Material } from './material';

const meal = {
	state: 'solid',
	sort: 'other',
	basis: 'kg',
	water: [0.05, 0.12],
	mineralShare: [0.02, 0.08],
	lime: none,
	ph: [6, 7],
	salt: 'little',
	germs: 'none'
} as const;

const inert = {
	...meal,
	water: [0, 0.1],
	nitrogen: none,
	mineralShare: none,
	phosphorus: none,
	potassium: none
} as const;

/** Made of other stuff in its own books: what it brings follows from what went in. */
const mixed = {
	...meal,
	water: [0.1, 0.6],
	nitrogen: none,
	phosphorus: none,
	potassium: none,
	source: 'What went into it'
} as const;

/**
 * What blends and potting mixes are made of beside what the yard gives. Phosphorus and potassium are the elements in
 * all; what of it the first season finds stands in core/mixes.
 */
export const mixStuffs: readonly Material[] = Object.freeze([
	{
		...meal,
		id: 'seed-meal',
		name: 'seed meal',
		density: [0.5, 0.65],
		nitrogen: [55, 65],
		phosphorus: [7, 10],
		potassium: [7, 10],
		source: 'Seed meals, 6–2–1 as N–P₂O₅–K₂O, as bags have it'
	},
	{
		...meal,
		id: 'feather-meal',
		name: 'feather meal',
		density: [0.4, 0.55],
		nitrogen: [110, 130],
		phosphorus: none,
		potassium: none,
		source: 'Feather meal, 12–0–0, as bags have it'
	},
	{
		...meal,
		id: 'horn-meal',
		name: 'horn meal',
		density: [0.6, 0.75],
		nitrogen: [110, 130],
		phosphorus: none,
		potassium: none,
		source: 'Horn meal, 12–0–0, as bags have it'
	},
	{
		...meal,
		id: 'seaweed-meal',
		name: 'seaweed meal',
		density: [0.6, 0.75],
		nitrogen: [8, 12],
		phosphorus: none,
		potassium: [14, 20],
		salt: 'much',
		source: 'Seaweed meal, 1–0–2, as bags have it; salty'
	},
	{
		...meal,
		id: 'bone-meal',
		name: 'bone meal',
		density: [0.75, 0.95],
		nitrogen: [25, 35],
		phosphorus: [58, 74],
		potassium: none,
		source: 'Bone meal, 3–15–0 as N–P₂O₅–K₂O, as bags have it'
	},
	{
		...inert,
		id: 'phosphate-rock',
		name: 'phosphate rock',
		density: [1.4, 1.8],
		phosphorus: [109, 131],
		source: 'Phosphate rock, 25–30 % P₂O₅ in all, of which 3 % of the rock is available'
	},
	{
		...inert,
		id: 'glauconite-sand',
		name: 'glauconite sand',
		density: [1.3, 1.6],
		potassium: [25, 58],
		source: 'Glauconite sand, 3–7 % K₂O in all, of which 0.1 % of the sand is available'
	},
	{
		...inert,
		id: 'fine-bark',
		name: 'fine bark',
		density: [0.2, 0.35],
		water: [0.3, 0.6],
		ph: [4.5, 6],
		source: 'Composted fine bark, as potting practice has it'
	},
	{
		...inert,
		id: 'grit',
		name: 'grit',
		density: [1.4, 1.7],
		ph: [6.5, 8],
		source: 'Washed grit, 2–6 mm'
	},
	{
		...inert,
		id: 'sand',
		name: 'sand',
		density: [1.4, 1.7],
		ph: [6, 7.5],
		source: 'Washed sharp sand'
	},
	{
		...inert,
		id: 'perlite',
		name: 'perlite',
		density: [0.08, 0.14],
		water: [0, 0.02],
		ph: [6.5, 7.5],
		source: 'Perlite, as the bag has it; damp it, its dust harms lungs'
	},
	{ ...mixed, id: 'fertiliser-blend', name: 'fertiliser blend', density: [0.5, 0.9] },
	{ ...mixed, id: 'potting-mix', name: 'potting mix', density: [0.4, 0.7] },
	{ ...mixed, id: 'seed-mix', name: 'seed mix', density: [0.4, 0.7] }
] satisfies readonly Material[]);
