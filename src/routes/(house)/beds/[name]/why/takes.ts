import { amountOf, type ChangeId } from '$lib/core/detective';
import type { System } from '$lib/core/units';
import { sayRange } from '$lib/format/figure';

/** What a change takes for this bed, after its words: ": 180–220 L of water". */
export function changeTakes(change: ChangeId, area_m2: number, system: System | undefined): string {
	const amount = amountOf(change, area_m2);
	if (!amount) return '';
	const { of, low, high } = amount;
	const middle = (low + high) / 2;
	return of === 'water'
		? `: ${sayRange({ value: middle, low, high, unit: 'L' }, system)} of water in three goes`
		: `: ${sayRange({ value: middle, low, high, unit: 'g' }, system)} of nitrogen on all of it`;
}
