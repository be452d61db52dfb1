/** Material went from one node to another in an act. */
export interface Flow {
	readonly from: string;
	readonly to: string;
	readonly act: string;
}

export interface TraceStep<F extends Flow = Flow> {
	readonly node: string;
	/** How the node was reached. */
	readonly flow: F;
	/** Steps from the start, by the shortest way. */
	readonly depth: number;
}

/**
 * Everything a node came from (`back`) or reached (`forward`), each node once, under the neighbour
 * that reaches it first: the order in which an indented list reads.
 */
export function trace<F extends Flow>(
	flows: readonly F[],
	start: string,
	way: 'back' | 'forward'
): readonly TraceStep<F>[] {
	const ends = (flow: F) => (way === 'back' ? [flow.to, flow.from] : [flow.from, flow.to]);
	const leaving = new Map<string, F[]>();
	for (const flow of flows) {
		const here = ends(flow)[0] as string;
		leaving.set(here, [...(leaving.get(here) ?? []), flow]);
	}
	const seen = new Set([start]);
	const under = new Map<string, TraceStep<F>[]>();
	let edge = [start];
	for (let depth = 1; edge.length > 0; depth += 1) {
		const next: string[] = [];
		for (const node of edge)
			for (const flow of leaving.get(node) ?? []) {
				const there = ends(flow)[1] as string;
				if (seen.has(there)) continue;
				seen.add(there);
				under.set(node, [...(under.get(node) ?? []), { node: there, flow, depth }]);
				next.push(there);
			}
		edge = next;
	}
	const read = (node: string): TraceStep<F>[] =>
		(under.get(node) ?? []).flatMap((step) => [step, ...read(step.node)]);
	return read(start);
}
