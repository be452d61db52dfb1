import { aims } from '$lib/core/mixes';
import type { System } from '$lib/core/units';
import type { Values } from '$lib/input/form';
import { rows } from '$lib/input/heaps';
import type { BlendEntry } from './told';

/** What one sees before anything is typed: an example, which says that it is one. */
const example: readonly (readonly [stuff: string, kg: number])[] = [
	['seed-meal', 4],
	['bone-meal', 2],
	['seaweed-meal', 1]
];

const amount = (kg: number, system: System | undefined): string =>
	system === 'us' ? `${Number((kg * 2.2046).toPrecision(2))} lb` : `${kg} kg`;

/** As it was sent or asked for, else the example. */
export function freshBlend(given: Values, system: System | undefined): BlendEntry {
	const isTyped = rows.some((row) => (given[`part${row}`] ?? '') !== '');
	const shown = isTyped ? [] : example;
	return {
		as: given.as === 'element' ? 'element' : 'oxide',
		stuff: rows.map((row) => given[`stuff${row}`] ?? shown[row - 1]?.[0] ?? ''),
		part: rows.map((row) => {
			const one = shown[row - 1];
			return given[`part${row}`] ?? (one ? amount(one[1], system) : '');
		}),
		nWanted: given.nWanted ?? '',
		pWanted: given.pWanted ?? '',
		kWanted: given.kWanted ?? '',
		bed: given.bed ?? '',
		dressed: given.dressed ?? '',
		perArea: given.perArea ?? '',
		leastOwn: given.leastOwn ?? '',
		mostLime: given.mostLime ?? '',
		mostSalty: given.mostSalty ?? '',
		aim: aims.find((one) => one === given.aim) ?? 'cost',
		whole: given.whole === 'on',
		measure: given.measure ?? ''
	};
}

/** An amount as one would type it: three digits after a point could be thousands, so there are never as many. */
export function partOf(kg: number, system: System | undefined): string {
	if (system === 'us') return `${(kg * 2.20462).toFixed(2)} lb`;
	return kg < 1 ? `${Math.round(kg * 1000)} g` : `${kg.toFixed(2)} kg`;
}
