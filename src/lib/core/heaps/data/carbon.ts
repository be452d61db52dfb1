import type { MaterialId } from '../../materials';

/** Carbon of a stuff, and how it lies. */
export interface CarbonFacts {
	/** Share of the dry mass; of a liquid grams to the litre. */
	readonly ofDry?: number;
	readonly g_per_L?: number;
	/** It holds air open: chips, straw, stalks. */
	readonly isCoarse: boolean;
	readonly side: 'green' | 'brown';
}

/** Source: compiled compost tables; urine 4.8 g C and 6 g N to the litre. */
const table: Readonly<Partial<Record<MaterialId, CarbonFacts>>> = Object.freeze({
	grass: { ofDry: 0.45, isCoarse: false, side: 'green' },
	'kitchen-scraps': { ofDry: 0.42, isCoarse: false, side: 'green' },
	weeds: { ofDry: 0.45, isCoarse: false, side: 'green' },
	'coffee-grounds': { ofDry: 0.48, isCoarse: false, side: 'green' },
	greens: { ofDry: 0.43, isCoarse: false, side: 'green' },
	'fresh-leaves': { ofDry: 0.42, isCoarse: false, side: 'green' },
	'poultry-litter': { ofDry: 0.38, isCoarse: false, side: 'green' },
	'poultry-manure': { ofDry: 0.36, isCoarse: false, side: 'green' },
	'small-stock-manure': { ofDry: 0.4, isCoarse: false, side: 'green' },
	'cattle-manure': { ofDry: 0.38, isCoarse: false, side: 'green' },
	'cattle-manure-aged': { ofDry: 0.38, isCoarse: false, side: 'green' },
	'stable-manure': { ofDry: 0.42, isCoarse: true, side: 'brown' },
	'used-litter': { ofDry: 0.42, isCoarse: true, side: 'brown' },
	'fresh-heap': { ofDry: 0.45, isCoarse: true, side: 'brown' },
	urine: { g_per_L: 4.8, isCoarse: false, side: 'green' },
	'autumn-leaves': { ofDry: 0.48, isCoarse: false, side: 'brown' },
	straw: { ofDry: 0.46, isCoarse: true, side: 'brown' },
	'wood-chips': { ofDry: 0.49, isCoarse: true, side: 'brown' },
	cardboard: { ofDry: 0.44, isCoarse: true, side: 'brown' },
	'finished-compost': { ofDry: 0.25, isCoarse: false, side: 'brown' },
	castings: { ofDry: 0.25, isCoarse: false, side: 'brown' },
	'leaf-mould': { ofDry: 0.38, isCoarse: false, side: 'brown' },
	'garden-soil': { ofDry: 0.02, isCoarse: false, side: 'brown' }
});

/** What a heap can be made of; none of water, ash or stone, which bring no carbon worth counting. */
export const carbonOf = (id: MaterialId): CarbonFacts | undefined => table[id];

/** Nitrogen from without: leaves with any of it rot as quickly as shredded ones. A judgement on practice. */
const quick: ReadonlySet<string> = new Set<MaterialId>([
	'urine',
	'grass',
	'poultry-manure',
	'poultry-litter',
	'cattle-manure'
]);

export const isQuick = (material: string): boolean => quick.has(material);

/** Everything with carbon in it, those people reach for first. */
export const heapMaterials = Object.freeze(Object.keys(table) as MaterialId[]);
