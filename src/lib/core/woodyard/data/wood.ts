/** Oven-dry mass per green volume of solid wood, kg/m³. Source: USDA Wood Handbook
 * (FPL-GTR-282, 2021), table 5-3a, grouped; stems and canes from field handbooks, rounded. */
export interface WoodClass {
	readonly id: WoodClassId;
	readonly name: string;
	readonly basicDensityKgPerM3: readonly [low: number, high: number];
	/** Dry bulk density of its char as it comes from the fire, kg/m³, loose, whole pieces. */
	readonly charLooseKgPerM3: readonly [low: number, high: number];
	/** Dry bulk density as it pours, kg/m³ loose: its pieces have no packing of their own. */
	readonly bulkKgPerM3?: readonly [low: number, high: number];
	/** What one should know before it burns. */
	readonly says?: string;
}

export type WoodClassId =
	| 'softwood'
	| 'resinous'
	| 'light-hardwood'
	| 'dense-hardwood'
	| 'canes'
	| 'mixed'
	| 'rotten'
	| 'bark'
	| 'bark-chips'
	| 'husks'
	| 'shells'
	| 'stones'
	| 'bones';

export const woodClasses: readonly WoodClass[] = Object.freeze([
	{
		id: 'softwood',
		name: 'softwood',
		basicDensityKgPerM3: [310, 480],
		charLooseKgPerM3: [100, 180]
	},
	{
		id: 'light-hardwood',
		name: 'light hardwood',
		basicDensityKgPerM3: [370, 480],
		charLooseKgPerM3: [110, 200]
	},
	{
		id: 'dense-hardwood',
		name: 'dense hardwood',
		basicDensityKgPerM3: [550, 700],
		charLooseKgPerM3: [140, 260]
	},
	{
		id: 'canes',
		name: 'stems and canes',
		basicDensityKgPerM3: [200, 350],
		charLooseKgPerM3: [70, 120]
	},
	{
		id: 'resinous',
		name: 'resinous softwood',
		basicDensityKgPerM3: [380, 520],
		charLooseKgPerM3: [100, 180],
		says: 'It burns tall and sooty: thin layers, and stand back from the first of them.'
	},
	{
		id: 'mixed',
		name: 'unknown mix of clean wood',
		basicDensityKgPerM3: [300, 600],
		charLooseKgPerM3: [70, 260]
	},
	{
		id: 'rotten',
		name: 'rotten or punky wood',
		basicDensityKgPerM3: [150, 300],
		charLooseKgPerM3: [60, 140],
		says: 'It holds water like a sponge and gives little: read its heart, feed it thin.'
	},
	{
		id: 'bark',
		name: 'bark in pieces',
		basicDensityKgPerM3: [250, 400],
		charLooseKgPerM3: [90, 180]
	},
	{
		id: 'bark-chips',
		name: 'bark chips',
		basicDensityKgPerM3: [250, 400],
		bulkKgPerM3: [130, 220],
		charLooseKgPerM3: [80, 160]
	},
	{
		id: 'husks',
		name: 'husks',
		basicDensityKgPerM3: [200, 350],
		bulkKgPerM3: [100, 150],
		charLooseKgPerM3: [80, 160],
		says: 'Its char is full of silica: a mask whenever it is dry.'
	},
	{
		id: 'shells',
		name: 'nut shells',
		basicDensityKgPerM3: [600, 1200],
		bulkKgPerM3: [300, 450],
		charLooseKgPerM3: [200, 400]
	},
	{
		id: 'stones',
		name: 'fruit stones',
		basicDensityKgPerM3: [700, 1300],
		bulkKgPerM3: [450, 600],
		charLooseKgPerM3: [250, 440]
	},
	{
		id: 'bones',
		name: 'bones',
		basicDensityKgPerM3: [1000, 1900],
		bulkKgPerM3: [400, 700],
		charLooseKgPerM3: [250, 440],
		says: 'They bring phosphorus and no carbon to speak of: note their share of the load.'
	}
]);

export const woodSource = 'USDA Wood Handbook (FPL-GTR-282), ch. 5, grouped by class';
/** Basis: dry kg per loose m³. */
export const bulkSource =
	'Field ranges for dry bulk density as it pours; a weighed measure replaces it';
export const charDensitySource = 'Field ranges for loose whole-piece char by feedstock class';

/** What gives light char whatever its wood, kg dry per m³ loose. */
export const lightChar: {
	readonly forms: readonly StackFormId[];
	readonly kgPerM3: readonly [low: number, high: number];
	readonly source: string;
} = Object.freeze({
	forms: Object.freeze(['chips', 'shavings', 'canes', 'brush'] as const),
	kgPerM3: Object.freeze([70, 120] as const),
	source: 'Field range for loose char of chips, canes and thin brush'
});

export type StackFormId =
	'split' | 'rods' | 'brush' | 'chips' | 'shavings' | 'canes' | 'bark' | 'poured';

/** Solid share of a stack's outline. */
export interface StackForm {
	readonly id: StackFormId;
	readonly name: string;
	readonly packing: readonly [low: number, high: number];
}

export const stackForms: readonly StackForm[] = Object.freeze([
	{ id: 'split', name: 'split logs, stacked', packing: [0.6, 0.7] },
	{ id: 'rods', name: 'straight rods, bundled', packing: [0.35, 0.5] },
	{ id: 'brush', name: 'loose brush', packing: [0.08, 0.2] },
	{ id: 'chips', name: 'chips', packing: [0.33, 0.42] },
	{ id: 'shavings', name: 'shavings', packing: [0.1, 0.18] },
	{ id: 'canes', name: 'canes or reed, bundled', packing: [0.2, 0.35] },
	{ id: 'bark', name: 'bark in pieces', packing: [0.25, 0.4] },
	// What pours is known by its bulk, and of wood only as chips.
	{ id: 'poured', name: 'husks, shells, stones or bones, as they pour', packing: [0.33, 0.42] }
]);

export const packingSource = 'Field ranges for the solid share of a stack by its form';

export type OutlineId = 'box' | 'ridge' | 'dome';

/** Share of length × width × height that an outline fills. */
export const outlines: readonly {
	readonly id: OutlineId;
	readonly name: string;
	readonly fill: number;
}[] = Object.freeze([
	{ id: 'box', name: 'box', fill: 1 },
	{ id: 'ridge', name: 'ridge', fill: 0.5 },
	{ id: 'dome', name: 'dome', fill: 0.5 }
]);

/** Wood that has already shrunk holds 8–12 % more dry matter per solid m³ than its green figure. */
export const shrinkage = Object.freeze({
	low: 1.08,
	high: 1.12,
	source: 'USDA Wood Handbook (FPL-GTR-282), ch. 4: volumetric shrinkage'
});

/** Width taken for a stack when nobody measured it, m: rods are mostly cut about a metre long. */
export const assumedWidth = Object.freeze({
	value: 1,
	low: 0.8,
	high: 1.25,
	source: 'Assumed: the usual length of cut rods. Measure across the stack to replace it'
});

export function woodClass(id: WoodClassId): WoodClass {
	return pick(woodClasses, id, 'woodClass');
}
export function stackForm(id: StackFormId): StackForm {
	return pick(stackForms, id, 'stackForm');
}
export function outline(id: OutlineId) {
	return pick(outlines, id, 'outline');
}

function pick<T extends { readonly id: string }>(table: readonly T[], id: string, who: string): T {
	const row = table.find((entry) => entry.id === id);
	if (!row)
		throw new RangeError(`${who}: "${id}" is not one of ${table.map((e) => e.id).join(', ')}`);
	return row;
}
