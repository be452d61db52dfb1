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

/** Where ash comes from. */
export type AshSource = 'hearth' | 'boiler' | 'kiln' | 'bought';
export const ashSources: readonly AshSource[] = Object.freeze([
	'hearth',
	'boiler',
	'kiln',
	'bought'
]);

/** What was burned with it and makes it unfit for any soil: metals, tars and salts stay in the ash. */
export const refusedFuels: readonly { readonly id: string; readonly name: string }[] =
	Object.freeze([
		{ id: 'painted', name: 'painted, treated, glued or salvaged wood' },
		{ id: 'coal', name: 'coal or briquettes' },
		{ id: 'rubbish', name: 'rubbish or coloured paper' }
	]);

/** Figures that people pass on of wood ash, beside what was measured of it. */
export const passedOn: readonly { readonly says: string; readonly measured: string }[] =
	Object.freeze([
		{ says: 'pH 8 to 9', measured: 'a slurry of it reads 10 to 13' },
		{
			says: '12 % K₂O',
			measured: '2 to 8 % in hardwood ash, 1 to 4 % in softwood, under 1 % once rained on'
		},
		{ says: '0–1–3 on the bag', measured: '1 to 2 % P₂O₅ and 1 to 8 % K₂O' },
		{ says: 'half to two thirds of lime', measured: '25 to 60 % of pure calcium carbonate' }
	]);
