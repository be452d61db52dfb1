import type { HeapState } from '$lib/core/heaps';
import { list } from '$lib/format/words';

export interface Corner {
	readonly name: string;
	readonly state: HeapState;
	readonly says: string;
}

/** Which corner needs me, which is done? */
export function heapsAnswer(corners: readonly Corner[]): string {
	const of = (...states: readonly HeapState[]) =>
		corners.filter(({ state }) => states.includes(state)).map(({ name }) => name);
	const [wants, forgotten, done] = [of('wants'), of('forgotten', 'look'), of('done')];
	const first = corners.find(({ state }) => state === 'wants');
	if (first && wants.length === 1) return `${first.name} wants you: ${first.says}`;
	if (wants.length > 1) return `${list(wants)} want you`;
	const parts = [
		forgotten.length > 0
			? `${list(forgotten.slice(0, 3))} ${forgotten.length > 1 ? 'want' : 'wants'} a look`
			: '',
		done.length > 0 ? `${list(done.slice(0, 3))} ${done.length > 1 ? 'are' : 'is'} done` : ''
	].filter(Boolean);
	if (parts.length > 0) return parts.join('; ');
	return corners.length === 0
		? 'No heap is laid: a corner, leaves and a year are enough'
		: 'Every corner works by itself; none needs you today';
}
