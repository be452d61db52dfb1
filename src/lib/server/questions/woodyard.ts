import { stacksInStock } from './in-stock';
import { heldLots } from './held';
import { kgDry, type Range } from '../../core/units';
import { partOfWood, type MoistureState } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { Reading, Stack } from '../db/woodyard';
import { rememberingAlways } from './remember';
import { heldBecause } from './standing';

export interface StackLine {
	readonly stack: Stack;
	readonly reading?: Reading;
	readonly held?: string;
	readonly burnable: Burnable;
	/** Dry wood left, with the relative doubt of the measure. */
	readonly left: Range;
}

/** What a row says of a stack: a page is sent no more than it shows. */
export const stackRow = ({ stack, reading, held, burnable, left }: StackLine) => {
	const { code, name, volume_ul, measure } = stack;
	return {
		stack: { code, name, volume_ul, measure },
		...(reading ? { reading: { at_ms: reading.at_ms, state: reading.state } } : {}),
		...(held === undefined ? {} : { held }),
		burnable,
		left
	};
};

/** Every stack in stock with its newest reading and whether it may burn; those that may come first. */
export const stackLines = rememberingAlways((books): readonly StackLine[] => {
	const readings = new Map(
		books.woodyard.newestReadings().map((reading) => [reading.lotId, reading])
	);
	const held = heldLots(books);
	return stacksInStock(books)
		.map((stack) => lineOf(stack, readings.get(stack.lotId), held.get(stack.lotId)))
		.sort(byUse);
});

export function stackLine(books: Books, stack: Stack, reading: Reading | undefined): StackLine {
	return lineOf(stack, reading, heldBecause(books, stack.lotId));
}

function lineOf(stack: Stack, reading: Reading | undefined, held: string | undefined): StackLine {
	const known = {
		stack,
		...(reading ? { reading } : {}),
		...(held === undefined ? {} : { held })
	};
	const left = partOfWood(stack.measured, kgDry(stack.dry_g / 1000));
	return { ...known, left, burnable: burnableOf(known) };
}

export type Burnable = 'ready' | 'slower' | 'unread' | 'wet' | 'held' | 'empty';

const order: readonly Burnable[] = ['ready', 'slower', 'unread', 'wet', 'held', 'empty'];

/** May this stack burn, by hold, remainder and moisture. */
function burnableOf({
	held,
	stack,
	reading
}: Pick<StackLine, 'held' | 'stack' | 'reading'>): Burnable {
	if (held !== undefined) return 'held';
	if (stack.volume_ul <= 0) return 'empty';
	return byMoisture(reading?.state);
}

function byMoisture(state: MoistureState | undefined): Burnable {
	switch (state?.verdict) {
		case 'ready':
			return 'ready';
		case 'slower':
			return 'slower';
		case 'hold-back':
		case 'wont-burn':
			return 'wet';
		default:
			return 'unread';
	}
}

/** What may burn first, the most of it first; then what wants something done. */
const byUse = (a: StackLine, b: StackLine) =>
	order.indexOf(a.burnable) - order.indexOf(b.burnable) || b.left.value - a.left.value;
