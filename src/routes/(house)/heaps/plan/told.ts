import type { HeapWay, Laid, Under, UrineAge } from '$lib/core/heaps';
import type { Composition, MaterialId, OwnAnalysis } from '$lib/core/materials';
import type { ParseContext } from '$lib/core/units';

/** A lot that can go on a heap. */
export interface HeapStock {
	readonly code: string;
	readonly name: string;
	readonly left_l: number;
	/** Of stock what it brings; none of char and other batches. */
	readonly composition?: Composition;
	readonly isAsh: boolean;
	readonly isChar: boolean;
	/** A brew that is poured on, or another batch that is laid. */
	readonly isLiquid?: boolean;
	/** Litres of char to the litre of it. */
	readonly charShare?: number;
}

/** What there is to plan with. */
export interface HeapYard extends ParseContext {
	readonly stock: readonly HeapStock[];
	readonly analyses: Partial<Record<MaterialId, readonly OwnAnalysis[]>>;
}

export interface HeapEntry {
	heapWay: HeapWay;
	across: string;
	heapLength: string;
	heapWidth: string;
	heapDepth: string;
	laid: Laid;
	tough: boolean;
	shredded: boolean;
	covered: boolean;
	urineAge: '' | UrineAge;
	under: Under;
	timber: boolean;
	acidLovers: boolean;
	street: boolean;
	wantedCn: string;
	mulchDepth: string;
	mulchArea: string;
	stuff: string[];
	part: string[];
}
