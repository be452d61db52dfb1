import { inLitres, type System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { count, list } from '$lib/format/words';

interface AshLot {
	readonly code: string;
	readonly volume_ul: number;
	readonly mass_mg: number;
}
interface AshBed {
	readonly name: string;
	readonly gate?: unknown;
	readonly grams: number;
}

/** How much ash is there, and who may have it? */
export function ashAnswer(
	ashes: readonly AshLot[],
	beds: readonly AshBed[],
	system: System | undefined
): string {
	if (ashes.length === 0) return 'No ash is at hand: bring in what the stove gave';
	const kg = ashes.reduce((sum, { mass_mg }) => sum + mass_mg / 1e6, 0);
	const litres = ashes.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0);
	const may = beds.filter(({ gate, grams }) => !gate && grams > 0).map(({ name }) => name);
	const much = `${say(litres, 'L', system)} of ash, ${say(kg, 'kg', system)}`;
	if (beds.length === 0) return `${much}: measure a bed to see whether it may have some`;
	if (may.length === 0) return `${much}, and no bed here may have it now`;
	const some = may.length > 4 ? [...may.slice(0, 3), count(may.length - 3, 'more', 'more')] : may;
	return `${much}; ${list(some)} may have some`;
}
