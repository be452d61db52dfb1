/** Oven-dry mass per green volume of solid wood, kg/m³. Source: USDA Wood Handbook
 * (FPL-GTR-282, 2021), table 5-3a, grouped; stems and canes from field handbooks, rounded. */
export interface WoodClass {
	readonly id: WoodClassId;
	readonly name: string;
	readonly basicDensityKgPerM3: readonly [low: number, high: number];
	/** Dry bulk density of its char as it comes from the fire, kg/m³, loose, whole pieces. */
	readonly charLooseKgPerM3: readonly [low: number, high: number];
}

export type WoodClassId = 'softwood' | 'light-hardwood' | 'dense-hardwood' | 'canes';

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
	}
]);

export const woodSource = 'USDA Wood Handbook (FPL-GTR-282), ch. 5, grouped by class';
export const charDensitySource = 'Field ranges for loose whole-piece char by feedstock class';

export type StackFormId = 'split' | 'rods' | 'brush' | 'chips' | 'shavings' | 'canes';

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
	{ id: 'canes', name: 'canes or reed, bundled', packing: [0.2, 0.35] }
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
