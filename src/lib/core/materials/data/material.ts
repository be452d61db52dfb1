/** A published low and high. */
export type Span = readonly [low: number, high: number];

/** What an amount of a nutrient is told of: a litre or a kilogram as used, or a kilogram dry. */
export type Basis = 'L' | 'kg' | 'kg dry';

/** What must be lowered by curing, heat or age before it meets food that is eaten raw; the worst last. */
export const germClasses = Object.freeze([
	'none',
	'aged',
	'urine',
	'sugar-fed',
	'raw-manure'
] as const);
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
	| 'ground-limestone'
	| 'rock-dust'
	| 'greens'
	| 'fresh-heap'
	| 'grass'
	| 'kitchen-scraps'
	| 'weeds'
	| 'coffee-grounds'
	| 'stable-manure'
	| 'autumn-leaves'
	| 'straw'
	| 'wood-chips'
	| 'cardboard'
	| 'used-litter'
	| 'compost-tea'
	| 'manure-tea'
	| 'pond-water'
	| 'sugar'
	| 'soak-liquor'
	| 'rain-water'
	| 'cereal-grain'
	| 'molasses'
	| 'milk'
	| 'fresh-leaves'
	| 'boiled-potato'
	| 'sea-salt'
	| 'bread-yeast'
	| 'seed-meal'
	| 'feather-meal'
	| 'horn-meal'
	| 'seaweed-meal'
	| 'bone-meal'
	| 'phosphate-rock'
	| 'glauconite-sand'
	| 'fine-bark'
	| 'grit'
	| 'sand'
	| 'perlite'
	| 'fertiliser-blend'
	| 'potting-mix'
	| 'seed-mix';

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

export const none: Span = [0, 0];
export const practice = 'Fresh figures as gardeners use them';
export const tables = 'P and K rounded from common manure tables';
