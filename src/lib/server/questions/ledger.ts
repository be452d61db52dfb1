import { inLitres } from '../../core/units';
import { shareOut, trace, wayOf, type Gift, type TraceStep } from '../../core/ledger';
import type { LotKind } from '../../core/kinds';
import { verbWords } from '../../format/room-words';
import type { Books } from '../db/books';
import { rememberingAlways, rememberingEachAlways } from './remember';
import { bedNode, type LoggedFlow, type NamedLot, type SpreadsPage } from '../db/flows';

/** One lot or bed on the way from or to another, with the act that led there. */
export interface TracedStep {
	readonly kind: LotKind | 'bed';
	/** Lot code or bed name. */
	readonly code: string;
	readonly name: string;
	/** What led there, in words. */
	readonly did: string;
	readonly at_ms: number;
	readonly depth: number;
}

/** The nearest steps of a trace, and how many there are beyond them. */
export interface TracedWay {
	readonly steps: readonly TracedStep[];
	readonly more: number;
	/** Of all of them. */
	readonly lots: number;
	readonly beds: number;
}

export interface TracedLot {
	readonly back: TracedWay;
	readonly forward: TracedWay;
}

/** What a trace starts from: a lot, or some spreads of a bed, that are in the books. */
export type Traced =
	| { readonly lot: { readonly id: number; readonly code: string } }
	| {
			readonly bed: { readonly id: number; readonly name: string };
			readonly spreads: SpreadsPage;
	  };

/** Where a lot or bed came from and went to, at most so many steps of each. */
export function traceOf(books: Books, of: Traced, most = 20): TracedLot {
	const node = nodeOf(of);
	const { back, forward } = flowsOf(books, of);
	const named = (steps: readonly TraceStep<LoggedFlow>[]): TracedWay => ({
		steps: nameSteps(books, steps.slice(0, most)),
		more: Math.max(0, steps.length - most),
		lots: steps.filter(({ node }) => !isBed(node)).length,
		beds: steps.filter(({ node }) => isBed(node)).length
	});
	return {
		// The newest first: what came last is what is asked about.
		back: named(trace([...back].reverse(), node, 'back')),
		forward: named(trace(forward, node, 'forward'))
	};
}

/** The ways to and from a lot, as its pages tell them. */
export const waysOfLot = rememberingAlways((books, id: number, code: string) =>
	traceOf(books, { lot: { id, code } })
);

/** The way to the newest spreads of a bed, as its page tells it. */
export const wayToBed = rememberingAlways(
	(books, id: number, name: string, spreads: number, steps: number) =>
		traceOf(books, { bed: { id, name }, spreads: { most: spreads, skip: 0 } }, steps).back
);

const isBed = (node: string) => node.startsWith(bedNode(''));
const nodeOf = (of: Traced) => ('lot' in of ? of.lot.code : bedNode(of.bed.name));

/** What of all that hangs together with it came to it, and what came of it. */
function flowsOf(books: Books, of: Traced) {
	const node = nodeOf(of);
	const back =
		'lot' in of
			? books.flows.toLot(of.lot.id)
			: books.flows.toBed(
					books.applications.newestIds(of.bed.id, of.spreads.most, of.spreads.skip)
				);
	const forward = 'lot' in of ? books.flows.forward(of.lot.id) : [];
	const ahead = wayOf(forward, node, 'forward');
	return {
		back: wayOf(startingAt(back, of), node, 'back').flows,
		forward: ahead.flows,
		reached: ahead.nodes
	};
}

/** What went on a part of a bed, or on what was merged into it, went on the bed. */
const startingAt = (flows: readonly LoggedFlow[], of: Traced): readonly LoggedFlow[] =>
	'lot' in of ? flows : flows.map((flow) => (isBed(flow.to) ? { ...flow, to: nodeOf(of) } : flow));

function nameSteps(books: Books, steps: readonly TraceStep<LoggedFlow>[]): readonly TracedStep[] {
	const lots = lotsNamed(
		books,
		steps.map(({ node }) => node)
	);
	return steps.flatMap(({ node, flow: { verb, at_ms }, depth }): TracedStep[] => {
		const lot = lots.get(node);
		const did = verbWords[verb] ?? verb;
		if (lot) return [{ ...lot, did, at_ms, depth }];
		return isBed(node) ? [{ kind: 'bed', code: node.slice(4), name: '', did, at_ms, depth }] : [];
	});
}

const lotsNamed = (books: Books, nodes: readonly string[]): ReadonlyMap<string, NamedLot> =>
	new Map(books.flows.lots(nodes).map((lot) => [lot.code, lot]));

/** A node of the picture: a lot, a bed, or what went up as gas and ash. */
export interface FlowNode {
	readonly node: string;
	readonly kind: LotKind | 'bed' | 'gas-and-ash';
	readonly code: string;
	readonly name: string;
}

/** One giving, as a line of the table beside the picture. */
export interface FlowLine extends Gift {
	readonly act: string;
	readonly verb: string;
	readonly at_ms: number;
	readonly person: string;
}

export interface FlowPicture {
	readonly start: string;
	readonly nodes: readonly FlowNode[];
	/** Oldest first. */
	readonly lines: readonly FlowLine[];
	/** Lots that anything of it went into, itself among them. */
	readonly reached: readonly string[];
}

/** Everything on the way to and from a lot or bed with its amounts: what each act moved. */
export function pictureOf(books: Books, of: Traced): FlowPicture {
	const { back, forward, reached } = flowsOf(books, of);
	const flows = [...new Map([...back, ...forward].map((flow) => [keyOf(flow), flow])).values()];
	const onTheWay = new Set(flows.map(keyOf));
	const givers = new Set(flows.map(({ act, from }) => `${act} ${from}`));
	const acts = new Map(flows.map((flow) => [flow.act, flow]));
	const ofActs = books.flows.linesOf([...acts.keys()]);
	const lines = [...acts.values()]
		.flatMap(({ act, verb, at_ms, person }) =>
			shareOut(ofActs.get(act) ?? [])
				.filter(
					(gift) =>
						onTheWay.has(keyOf({ ...gift, act })) ||
						(gift.to === 'gas-and-ash' && givers.has(`${act} ${gift.from}`))
				)
				.map((gift) => ({ ...gift, act, verb, at_ms, person }))
		)
		.sort((a, b) => a.at_ms - b.at_ms);
	const codes = [...new Set([nodeOf(of), ...lines.flatMap(({ from, to }) => [from, to])])];
	const lots = lotsNamed(books, codes);
	return {
		start: nodeOf(of),
		lines,
		nodes: codes.map((node) => nodeNamed(lots, node)),
		reached: [...reached].filter((node) => !isBed(node))
	};
}

/** A picture, kept until anything moves, is named or ended. */
const pictures = rememberingEachAlways(pictureOf, (of: Traced) => JSON.stringify(of), [
	'movement',
	'lot',
	'bed_version',
	'thing',
	'thing_name',
	'thing_end',
	'thing_version'
]);

/** The picture of a lot, and of some spreads of a bed, as trace pages show them. */
export const pictureOfLot = (books: Books, id: number, code: string): FlowPicture =>
	pictures(books, { lot: { id, code } });
export const pictureOfBed = (
	books: Books,
	id: number,
	name: string,
	most: number,
	skip: number
): FlowPicture => pictures(books, { bed: { id, name }, spreads: { most, skip } });

const keyOf = ({ act, from, to }: { act: string; from: string; to: string }) =>
	`${act} ${from} ${to}`;

function nodeNamed(lots: ReadonlyMap<string, NamedLot>, node: string): FlowNode {
	const lot = lots.get(node);
	if (lot) return { node, ...lot };
	return isBed(node)
		? { node, kind: 'bed', code: node.slice(4), name: '' }
		: { node, kind: 'gas-and-ash', code: '', name: 'gas and ash' };
}

/** Where a suspect lot and everything made of it is: on beds, and still in stock. */
export interface Recall {
	readonly spreads: readonly {
		readonly act: string;
		readonly bed: string;
		readonly lot: string;
		readonly at_ms: number;
		readonly person: string;
		readonly litres: number;
		/** Of the char in it, dry. */
		readonly kgChar: number;
	}[];
	readonly inStock: readonly {
		readonly kind: LotKind;
		readonly code: string;
		readonly name: string;
		readonly litres: number;
	}[];
}

/** Every bed and date a lot or anything made of it reached, and what of it is still in the yard. */
export function recallOf(books: Books, picture: FlowPicture): Recall {
	const beds = new Map(
		picture.nodes.filter(({ kind }) => kind === 'bed').map(({ node, code }) => [node, code])
	);
	const reached = new Set(picture.reached);
	return {
		spreads: picture.lines.flatMap(({ act, from, to, at_ms, person, litres, kgChar }) => {
			const bed = beds.get(to);
			return bed !== undefined && reached.has(from)
				? [{ act, bed, lot: from, at_ms, person, litres, kgChar }]
				: [];
		}),
		inStock: [...reached].flatMap((node) => {
			const lot = books.ledger.maybeLot(node);
			return lot && lot.volume_ul > 0
				? [{ kind: lot.kind, code: lot.code, name: lot.name, litres: inLitres(lot.volume_ul) }]
				: [];
		})
	};
}
