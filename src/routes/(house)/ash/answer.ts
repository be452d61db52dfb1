import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { count, list } from '$lib/format/words';

interface AshBed {
	readonly name: string;
	readonly gate?: unknown;
	readonly grams: number;
}

/** How much ash is there, and who may have it? */
export function ashAnswer(
	at: { readonly litres: number; readonly kg: number },
	beds: readonly AshBed[],
	system: System | undefined
): string {
	if (at.litres <= 0) return 'No ash is at hand: bring in what the stove gave';
	const may = beds.filter(({ gate, grams }) => !gate && grams > 0).map(({ name }) => name);
	const much = `${say(at.litres, 'L', system)} of ash, ${say(at.kg, 'kg', system)}`;
	if (beds.length === 0) return `${much}: measure a bed to see whether it may have some`;
	if (may.length === 0) return `${much}, and no bed here may have it now`;
	const some = may.length > 4 ? [...may.slice(0, 3), count(may.length - 3, 'more', 'more')] : may;
	return `${much}; ${list(some)} may have some`;
}
