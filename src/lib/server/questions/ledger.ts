import { trace, type TraceStep } from '../../core/ledger';
import type { Books } from '../db/books';

export interface TracedLot {
	readonly back: readonly TraceStep[];
	readonly forward: readonly TraceStep[];
}

/** Where a lot (by code) or bed (as `bed:name`) came from and went to. */
export function traceOf(books: Books, node: string): TracedLot {
	const flows = books.ledger.flows();
	return { back: trace(flows, node, 'back'), forward: trace(flows, node, 'forward') };
}
