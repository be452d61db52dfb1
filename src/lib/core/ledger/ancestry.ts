import type { Flow } from './trace';

/** A flow with its moment, and its place in the order of entry for what happened at one moment. */
export interface TimedFlow extends Flow {
	readonly at_ms: number;
	readonly seq: number;
}

/** What is carried from a giver to a taker; nothing where the giver carries nothing. */
export type Carry<F, T> = (giver: T, taker: T | undefined, flow: F) => T | undefined;

/**
 * The one walk along flows, in the order in which they happened (`forward`) or against it (`back`): whatever a
 * node carries at a moment goes on to what is taken from it then, and not to what was taken before. So what went
 * into a lot after a taking is no ancestor of what was taken, and cycles end by themselves: each flow is passed
 * once. Flows of one act see what nodes carried before it.
 * @param own what nodes carry of themselves, at any moment
 * @param carry what a giver hands to a taker; walked back, the giver is what was taken later
 * @returns what each node carries in the end
 * @example carried([{ from: 'A', to: 'B', … }], new Map([['A', 1]]), (giver) => giver).get('B') // 1
 */
export function carried<F extends TimedFlow, T>(
	flows: readonly F[],
	own: ReadonlyMap<string, T>,
	carry: Carry<F, T>,
	way: 'forward' | 'back' = 'forward'
): ReadonlyMap<string, T> {
	const held = new Map(own);
	const sign = way === 'forward' ? 1 : -1;
	const inTime = [...flows].sort((a, b) => sign * (a.at_ms - b.at_ms || a.seq - b.seq));
	for (let start = 0; start < inTime.length;) {
		let end = start + 1;
		while (end < inTime.length && inTime[end]!.act === inTime[start]!.act) end += 1;
		const before = new Map<string, T | undefined>();
		for (const flow of inTime.slice(start, end)) {
			const [giver, taker] = way === 'forward' ? [flow.from, flow.to] : [flow.to, flow.from];
			const given = before.has(giver) ? before.get(giver) : held.get(giver);
			if (given === undefined) continue;
			const known = held.get(taker);
			const now = carry(given, known, flow);
			if (now === undefined) continue;
			// What the act itself brings to a node is not there yet for what it takes from it.
			if (!before.has(taker)) before.set(taker, known);
			held.set(taker, now);
		}
		start = end;
	}
	return held;
}

/** Flows on the way to a node (`back`) or from it (`forward`), and every node on that way, itself among them. */
export function wayOf<F extends TimedFlow>(
	flows: readonly F[],
	start: string,
	way: 'forward' | 'back'
): { readonly flows: readonly F[]; readonly nodes: ReadonlySet<string> } {
	const passed: F[] = [];
	const nodes = carried(
		flows,
		new Map([[start, true]]),
		(_giver, _taker, flow) => {
			passed.push(flow);
			return true;
		},
		way
	);
	return { flows: way === 'back' ? passed.reverse() : passed, nodes: new Set(nodes.keys()) };
}

/**
 * Names that nodes bear for themselves (a doubt, a hold, a germ) and hand on to all that is made of them.
 * @example handedDown(flows, new Map([['S1', ['paint']]])).get('C4') // Set { 'paint' }
 */
export function handedDown<F extends TimedFlow>(
	flows: readonly F[],
	own: ReadonlyMap<string, Iterable<string>>
): ReadonlyMap<string, ReadonlySet<string>> {
	const sets = new Map([...own].map(([node, names]) => [node, new Set(names)] as const));
	return carried<F, ReadonlySet<string>>(flows, sets, (giver, taker) =>
		taker === undefined ? giver : new Set([...taker, ...giver])
	);
}
