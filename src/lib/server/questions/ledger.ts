import { trace, type TraceStep } from '../../core/ledger';
import type { Books } from '../db/books';
import type { LoggedFlow } from '../db/flows';
import type { LotKind } from '../db/ledger';

/** One lot or bed on the way from or to another, with the act that led there. */
export interface TracedStep {
	readonly kind: LotKind | 'bed';
	/** Lot code or bed name. */
	readonly code: string;
	readonly name: string;
	readonly verb: string;
	readonly at_ms: number;
	readonly depth: number;
}

export interface TracedLot {
	readonly back: readonly TracedStep[];
	readonly forward: readonly TracedStep[];
}

/** Where a lot (by code) or bed (as `bed:name`) came from and went to. */
export function traceOf(books: Books, node: string): TracedLot {
	const flows = books.flows.all();
	const named = (steps: readonly TraceStep<LoggedFlow>[]) =>
		steps.map((step) => nameStep(books, step));
	return {
		back: named(trace(flows, node, 'back')),
		forward: named(trace(flows, node, 'forward'))
	};
}

function nameStep(books: Books, { node, flow, depth }: TraceStep<LoggedFlow>): TracedStep {
	const act = { verb: flow.verb, at_ms: flow.at_ms, depth };
	if (node.startsWith('bed:')) return { kind: 'bed', code: node.slice(4), name: '', ...act };
	const lot = books.ledger.lot(node);
	return { kind: lot.kind, code: lot.code, name: lot.name, ...act };
}
