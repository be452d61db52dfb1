import { bedsToMulch, placed, type MulchBed, type PileStuff } from '$lib/core/fate';
import type { CropRow } from '$lib/core/crops';
import type { HeapWay } from '$lib/core/heaps';
import type { ParseContext } from '$lib/core/units';
import { pileFrom, type PilePart, type PileTold } from '$lib/input/fate';
import type { Values } from '$lib/input/form';

/** What lies about in the books. */
export interface PileSource {
	readonly code: string;
	readonly name: string;
	readonly stuff: PileStuff;
	readonly left_l: number;
}

/** What the books know that bears on a pile. */
export interface FateYard extends ParseContext {
	readonly timeZone: string;
	readonly now_ms: number;
	readonly ownCrops: readonly CropRow[];
	readonly beds: readonly MulchBed[];
	readonly heaps: readonly {
		readonly code: string;
		readonly name: string;
		readonly way: HeapWay;
	}[];
	readonly vessels: readonly { readonly name: string; readonly capacity_l: number }[];
	readonly sources: readonly PileSource[];
}

export interface FateReckoned extends PileTold {
	/** Litres that lie there: as told, as the books have it, or the sum of the parts. */
	readonly litres: number;
	readonly sum: ReturnType<typeof placed>;
	/** Beds that would take a mulch of it. */
	readonly beds: readonly MulchBed[];
}

/** The ways of a pile and of its parts; nothing until one knows how much of it there is. */
export function reckonFate(values: Values, yard: FateYard): FateReckoned | undefined {
	// Where no bed is in the books, none is known to have its mulch.
	const takesMulch = (family: string | undefined) =>
		yard.beds.length === 0 || bedsToMulch(yard.beds, family).length > 0;
	const told = pileFrom(values, { ...yard, takesMulch });
	if (told.parts.length === 0) return undefined;
	const source = yard.sources.find(({ code }) => code === told.from);
	const all = told.parts.reduce((sum, { litres }) => sum + litres, 0);
	const litres = told.lies_l ?? source?.left_l ?? all;
	const goes = told.parts.flatMap(({ fate, litres: part }) =>
		fate ? [Math.min(part, fate.takes_l)] : []
	);
	return {
		...told,
		litres,
		sum: placed(litres, goes),
		beds: bedsToMulch(yard.beds, told.family)
	};
}

/** What a part is begun in: the room of its way asks for a corner, a vessel, a bed, or nothing. */
export type PlaceOf = 'corner' | 'vessel' | 'bed' | 'none';

export function placeOf({ fate }: PilePart): PlaceOf {
	const begins = fate?.way.begins;
	if (!begins || 'stack' in begins) return 'none';
	return 'heap' in begins ? 'corner' : 'brew' in begins ? 'vessel' : 'bed';
}
