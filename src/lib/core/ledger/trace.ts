/** Material went from one node to another in an act. */
export interface Flow {
	readonly from: string;
	readonly to: string;
	readonly act: string;
}

export interface TraceStep {
	readonly node: string;
	readonly act: string;
	readonly depth: number;
}

/** Everything a node came from (`back`) or reached (`forward`), nearest first; each node once. */
export function trace(
	flows: readonly Flow[],
	start: string,
	way: 'back' | 'forward'
): readonly TraceStep[] {
	const seen = new Set([start]);
	const steps: TraceStep[] = [];
	let edge = [start];
	for (let depth = 1; edge.length > 0; depth += 1) {
		const next: string[] = [];
		for (const node of edge)
			for (const flow of flows) {
				const [here, there] = way === 'back' ? [flow.to, flow.from] : [flow.from, flow.to];
				if (here !== node || seen.has(there)) continue;
				seen.add(there);
				steps.push({ node: there, act: flow.act, depth });
				next.push(there);
			}
		edge = next;
	}
	return steps;
}
