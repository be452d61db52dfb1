import type { RecipeId } from '../../brews';
import type { HeapWay } from '../../heaps';
import type { MaterialId } from '../../materials';

/** What a pile is of. */
export const pileStuffs = Object.freeze([
	'soft-tops',
	'leafy-green',
	'dry-leaves',
	'woody-thin',
	'woody-thick',
	'seedy-weeds',
	'fruit-waste',
	'straw'
] as const);
export type PileStuff = (typeof pileStuffs)[number];

/** What it is in the books once it is laid somewhere. */
export const pileMaterial: Readonly<Record<PileStuff, MaterialId>> = Object.freeze({
	'soft-tops': 'greens',
	'leafy-green': 'grass',
	'dry-leaves': 'autumn-leaves',
	'woody-thin': 'wood-chips',
	'woody-thick': 'wood-chips',
	'seedy-weeds': 'weeds',
	'fruit-waste': 'kitchen-scraps',
	straw: 'straw'
});

/** What lies in stock, as what a pile is of. */
export const stuffOfMaterial: Readonly<Partial<Record<MaterialId, PileStuff>>> = Object.freeze({
	greens: 'soft-tops',
	'fresh-leaves': 'soft-tops',
	grass: 'leafy-green',
	weeds: 'seedy-weeds',
	'kitchen-scraps': 'fruit-waste',
	'autumn-leaves': 'dry-leaves',
	straw: 'straw',
	'wood-chips': 'woody-thin'
});

/** What it is wanted for. */
export const pileUses = Object.freeze(['any', 'mulch', 'feed', 'potting', 'char'] as const);
export type PileUse = (typeof pileUses)[number];

/** What one must have for it. */
export const kits = Object.freeze([
	'shredder',
	'barrel',
	'worm-bin',
	'hoop',
	'path',
	'kiln',
	'sugar'
] as const);
export type Kit = (typeof kits)[number];

export type Begins =
	| { readonly heap: HeapWay }
	| { readonly brew: RecipeId }
	| { readonly stack: 'chips' | 'char' }
	| { readonly bed: 'mulch' };

/** One way a pile may go. */
export interface FateWay {
	readonly id: string;
	readonly takes: readonly PileStuff[];
	readonly gives: readonly PileUse[];
	/** Days until it can be used, and as long as it then waits; none: for good. */
	readonly ready_days: readonly [low: number, high: number];
	readonly waits_days?: number;
	/** Litres that come of a litre. */
	readonly left: readonly [low: number, high: number];
	/** Hours of work for a hundred litres. */
	readonly hours: number;
	/** 0 none, 1 a little, 2 neighbours notice, 3 far. */
	readonly smell: 0 | 1 | 2 | 3;
	readonly needs: readonly Kit[];
	readonly least_l?: number;
	readonly most_l?: number;
	/** Hot enough for seed and blight. */
	readonly isHot?: boolean;
	/** What is begun for it: a heap kept that way, a brew by that recipe, a stack to dry or chip, or it is laid on a bed. */
	readonly begins: Begins;
	readonly source: string;
}

const green = ['soft-tops', 'leafy-green'] as const;

/**
 * Source: practice of heaps and ferments: mulch now, sugar ferment 1–2 weeks, steeped liquor 2–4 weeks, worms 6–12,
 * hot compost 6–12, a path a season, long ferment 2–6 months, leaf mould 1–3 years, char after drying.
 */
export const fateWays: readonly FateWay[] = Object.freeze([
	{
		id: 'mulch',
		takes: [...green, 'dry-leaves', 'straw'],
		gives: ['mulch', 'any'],
		ready_days: [0, 1],
		left: [0.6, 1],
		hours: 0.3,
		smell: 0,
		needs: [],
		begins: { bed: 'mulch' },
		source: 'Laid as it is, a few centimetres; it feeds slowly'
	},
	{
		id: 'chip-mulch',
		takes: ['woody-thin', 'woody-thick'],
		gives: ['mulch', 'any'],
		ready_days: [0, 2],
		left: [0.25, 0.4],
		hours: 0.8,
		smell: 0,
		needs: ['shredder'],
		begins: { stack: 'chips' },
		source: 'Chipped and laid; on top only'
	},
	{
		id: 'sugar-ferment',
		takes: [...green, 'fruit-waste'],
		gives: ['feed', 'any'],
		ready_days: [7, 14],
		waits_days: 120,
		left: [0.3, 0.5],
		hours: 1.5,
		smell: 1,
		needs: ['barrel', 'sugar'],
		most_l: 60,
		begins: { brew: 'sugar-ferment' },
		source: 'Fermented with sugar in 1–2 weeks; a liquid that must then be used'
	},
	{
		id: 'steeped-liquor',
		takes: [...green, 'seedy-weeds'],
		gives: ['feed', 'any'],
		ready_days: [14, 28],
		waits_days: 60,
		left: [0.8, 1.2],
		hours: 0.6,
		smell: 3,
		needs: ['barrel'],
		most_l: 200,
		begins: { brew: 'steeped-liquor' },
		source: 'Steeped in water for 2–4 weeks; it stinks'
	},
	{
		id: 'worm-feed',
		takes: [...green, 'fruit-waste'],
		gives: ['potting', 'feed', 'any'],
		ready_days: [42, 84],
		left: [0.2, 0.3],
		hours: 0.5,
		smell: 0,
		needs: ['worm-bin'],
		most_l: 30,
		begins: { heap: 'worms' },
		source: 'Fed thin; 6–12 weeks, small amounts'
	},
	{
		id: 'hot-compost',
		takes: [...green, 'dry-leaves', 'straw', 'seedy-weeds', 'fruit-waste', 'woody-thin'],
		gives: ['feed', 'potting', 'mulch', 'any'],
		ready_days: [42, 84],
		left: [0.4, 0.6],
		hours: 0.7,
		smell: 1,
		needs: [],
		least_l: 600,
		isHot: true,
		begins: { heap: 'compost' },
		source: 'A heap of a cubic metre, hot in days, done in 6–12 weeks'
	},
	{
		id: 'compost-path',
		takes: [...green, 'dry-leaves', 'straw', 'woody-thin'],
		gives: ['mulch', 'any'],
		ready_days: [150, 240],
		left: [0.4, 0.6],
		hours: 0.2,
		smell: 0,
		needs: ['path'],
		begins: { heap: 'path' },
		source: 'Trodden into a path; one season, and never hot'
	},
	{
		id: 'long-ferment',
		takes: [...green, 'seedy-weeds', 'fruit-waste'],
		gives: ['feed', 'any'],
		ready_days: [60, 180],
		left: [0.5, 0.8],
		hours: 0.5,
		smell: 2,
		needs: ['barrel'],
		most_l: 200,
		begins: { brew: 'submerged-ferment' },
		source: 'Packed without air for 2–6 months; it waits well'
	},
	{
		id: 'leaf-mould',
		takes: ['dry-leaves'],
		gives: ['potting', 'mulch', 'any'],
		ready_days: [240, 730],
		left: [0.25, 0.4],
		hours: 0.2,
		smell: 0,
		needs: ['hoop'],
		begins: { heap: 'leaf-mould' },
		source: 'Shredded or with nitrogen from eight months on, alone 1–3 years'
	},
	{
		id: 'char',
		takes: ['woody-thin', 'woody-thick'],
		gives: ['char', 'any'],
		ready_days: [60, 270],
		left: [0.1, 0.25],
		hours: 1.2,
		smell: 1,
		needs: ['kiln'],
		begins: { stack: 'char' },
		source: 'Dried for weeks to months, burnt in a day, then charged'
	}
] satisfies readonly FateWay[]);
