import { unders, ways, type HeapWay, type Laid, type UrineAge } from '$lib/core/heaps';
import type { System } from '$lib/core/units';
import type { Values } from '$lib/input/form';
import { rows } from '$lib/input/heaps';
import type { HeapEntry } from './told';

/** What one sees before anything is typed: an example of each way, which says that it is one. */
const examples: Readonly<Record<HeapWay, readonly (readonly [stuff: string, L: number])[]>> = {
	'leaf-mould': [['autumn-leaves', 800]],
	compost: [
		['grass', 300],
		['straw', 300],
		['autumn-leaves', 150]
	],
	path: [
		['wood-chips', 250],
		['weeds', 400]
	],
	worms: [
		['cardboard', 30],
		['kitchen-scraps', 8]
	],
	'ash-soak': [['urine', 2]]
};

const amount = (litres: number, system: System | undefined): string =>
	system === 'us' ? `${Number((litres / 3.785).toPrecision(2))} gal` : `${litres} L`;

export const isHeapWay = (id: string | undefined): id is HeapWay =>
	ways.some((way) => way.id === id);

/** As it was sent, else an example of the way that was asked for. */
export function freshHeap(given: Values, system: System | undefined): HeapEntry {
	const heapWay = isHeapWay(given.heapWay) ? given.heapWay : 'compost';
	const isTyped = rows.some((row) => (given[`part${row}`] ?? '') !== '');
	const example = examples[heapWay];
	const size = {
		metric: ['1.1 m', '6 m', '0.5 m', '30 cm'],
		us: ['43 in', '20 ft', '20 in', '12 in']
	};
	const [across, length, width, deep] = size[system === 'us' ? 'us' : 'metric'] as [
		string,
		string,
		string,
		string
	];
	const isPath = heapWay === 'path';
	const laid: Laid = given.laid === 'loose' ? 'loose' : 'trodden';
	return {
		heapWay,
		across: given.across ?? (heapWay === 'leaf-mould' && !isTyped ? across : ''),
		heapLength: given.heapLength ?? (isPath && !isTyped ? length : ''),
		heapWidth: given.heapWidth ?? (isPath && !isTyped ? width : ''),
		heapDepth: given.heapDepth ?? (isPath && !isTyped ? deep : ''),
		laid,
		tough: given.tough === 'on',
		shredded: given.shredded === 'on',
		covered: given.covered === 'on',
		urineAge: (given.urineAge ?? '') as '' | UrineAge,
		under: unders.find((one) => one === given.under) ?? 'earth',
		timber: given.timber === 'on',
		acidLovers: given.acidLovers === 'on',
		street: given.street === 'on',
		wantedCn: given.wantedCn ?? '',
		mulchDepth: given.mulchDepth ?? '',
		mulchArea: given.mulchArea ?? '',
		stuff: rows.map(
			(row) => given[`stuff${row}`] ?? (isTyped ? '' : (example[row - 1]?.[0] ?? ''))
		),
		part: rows.map(
			(row) =>
				given[`part${row}`] ??
				(isTyped || !example[row - 1] ? '' : amount(example[row - 1]![1], system))
		)
	};
}
