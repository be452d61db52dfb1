import { none, type Material, type Span } from './material';

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

/** Phosphorus and potassium in their oxides: ash is sold and analysed by those. */
export const elementOfOxide = Object.freeze({ phosphorus: 0.436, potassium: 0.83 });

/** Oxide percent of the mass as element, g/kg. */
const ofOxide = (element: keyof typeof elementOfOxide, [low, high]: Span): Span => [
	low * 10 * elementOfOxide[element],
	high * 10 * elementOfOxide[element]
];

/** Wood ash, dry or rained on. */
export const ashes: readonly Material[] = Object.freeze([
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
	}
] satisfies readonly Material[]);
