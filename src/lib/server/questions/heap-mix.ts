import {
	carbonOf,
	lostOf,
	mixOf,
	planSoak,
	type HeapMix,
	type HeapPart,
	type HeatReading,
	type Lost
} from '../../core/heaps';
import { charWithin } from '../../core/char';
import { isMaterial } from '../../core/materials';
import { inLitres, litres } from '../../core/units';
import type { Books } from '../db/books';
import type { Heap } from '../db/heaps';
import type { Finds } from './found';
import { compositionNow } from './stock';

/** What was laid, as parts of a recipe: each as its lot was known, or as the stuff is now. */
export const partsOfHeap = (
	books: Books,
	{ ingredients }: Pick<Heap, 'ingredients'>
): readonly HeapPart[] =>
	ingredients.flatMap(({ material, fromCode, volume_ul }): HeapPart[] => {
		if (!isMaterial(material) || !carbonOf(material)) return [];
		const composition =
			(fromCode === null ? undefined : books.stock.maybeOne(fromCode)?.composition) ??
			compositionNow(books, material);
		return [{ composition, measure: { litres: litres(inLitres(volume_ul)) } }];
	});

/** Litres of char in a heap: as it was laid, or as what was laid brought it along, out of a stall or another heap. */
export function charInHeap({ ingredients, went }: Pick<Heap, 'ingredients' | 'went'>): number {
	const laid = ingredients
		.filter(({ material }) => material === 'char')
		.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0);
	return Math.max(laid, charWithin(went).value);
}

/** C : N, coarse stuff and char of a heap as it was laid; of one that nobody knows the carbon of, as compost usually is. */
export function mixOfHeap(
	books: Books,
	heap: Pick<Heap, 'ingredients' | 'laid_l' | 'went'>
): { readonly cn: number; readonly coarse: number; readonly char: number; readonly mix?: HeapMix } {
	const parts = partsOfHeap(books, heap);
	const char_l = charInHeap(heap);
	const char = heap.laid_l > 0 ? char_l / heap.laid_l : 0;
	if (parts.length === 0) return { cn: 28, coarse: 0, char };
	const mix = mixOf(parts);
	return { cn: mix.cn.value, coarse: mix.coarse, char, mix };
}

/**
 * What a heap loses, by its way, its C : N as it was laid, and what char there is in it; an ash soak by its urine and
 * by whether it was ever read below what holds it.
 */
export function lossesOf(finds: Finds, heap: Heap, of: ReturnType<typeof mixOfHeap>): Lost {
	const { way, urine = 'fresh', isCovered = false } = heap.start;
	const lost = lostOf(way, { cn: of.cn, coarse: of.coarse, char: of.char, isCovered });
	if (way !== 'ash-soak') return lost;
	const read = finds.of(heap.lotId, 'ph').flatMap(({ found }) => found.ph ?? []);
	const { kept } = planSoak({
		...{ ash_kg: 1, urine },
		...(read.length > 0 ? { ph: Math.min(...read) } : {})
	});
	return {
		...lost,
		nitrogen: { value: 1 - kept.value, low: 1 - kept.high, high: 1 - kept.low }
	};
}

/**
 * Its heat as it was read by a moment, and when it was turned: since anything was last laid on it, for what came later
 * was in no heat before.
 */
export function heatLogOf(
	finds: Finds,
	{ lotId, startedAt_ms, ingredients }: Pick<Heap, 'lotId' | 'startedAt_ms' | 'ingredients'>,
	to_ms: number
): readonly [readonly HeatReading[], readonly number[]] {
	const laid = ingredients.map(({ at_ms }) => at_ms).filter((at_ms) => at_ms <= to_ms);
	const from_ms = Math.max(startedAt_ms, ...laid);
	const within = ({ at_ms }: { readonly at_ms: number }) => at_ms >= from_ms && at_ms <= to_ms;
	const readings = finds
		.of(lotId, 'heat')
		.filter(within)
		.map(({ found, at_ms }) => ({ at_ms, probes: found.places ?? [found.temperature_c] }));
	return [
		readings,
		finds
			.of(lotId, 'turned')
			.filter(within)
			.map(({ at_ms }) => at_ms)
	];
}
