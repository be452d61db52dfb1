import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { count } from '$lib/format/words';

export interface TraceFacts {
	readonly name: string;
	/** Lots it came from, however far back. */
	readonly from: number;
	/** Lots that were made of it. */
	readonly made: number;
	readonly beds: number;
	readonly spreads: number;
	readonly inStock_l: number;
	readonly isBed: boolean;
	/** Of a bed: the first and last spreading drawn, counted from the newest. */
	readonly drawn: readonly [first: number, last: number];
}

/** Everything that went into a node, by however many steps. */
export function ancestorsOf(
	start: string,
	lines: readonly { readonly from: string; readonly to: string }[]
): ReadonlySet<string> {
	const found = new Set<string>();
	const wanted = [start];
	for (let node = wanted.pop(); node !== undefined; node = wanted.pop())
		for (const { from, to } of lines)
			if (to === node && !found.has(from)) {
				found.add(from);
				wanted.push(from);
			}
	return found;
}

/** Where did it come from, and where is it now? */
export function traceAnswer(facts: TraceFacts, system: System | undefined): string {
	const { name, from, made, beds, spreads, inStock_l, isBed } = facts;
	if (isBed) return bedTraceAnswer(facts);
	if (from + made + beds === 0) return `${name} came of no other lot and has gone nowhere yet`;
	const reached =
		beds === 0
			? 'reached no bed'
			: `reached ${count(beds, 'bed', 'beds')} in ${count(spreads, 'spreading', 'spreadings')}`;
	return inStock_l > 0
		? `${name} ${reached}; ${say(inStock_l, 'L', system)} of it and what was made of it is still in the yard`
		: `${name} ${reached}; nothing of it or of what was made of it is left in the yard`;
}

function bedTraceAnswer({ name, spreads, from, drawn: [first, last] }: TraceFacts): string {
	if (spreads === 0) return `Nothing was spread on ${name} yet`;
	const got = `${name} got ${count(spreads, 'spreading', 'spreadings')}`;
	const lots = count(from, 'lot', 'lots');
	if (spreads === 1) return `${got}, which goes back to ${lots}`;
	if (last - first + 1 === spreads) return `${got}, which go back to ${lots}`;
	return first === 1
		? `${got}; the newest ${last} go back to ${lots}`
		: `${got}; numbers ${first} to ${last} from the newest go back to ${lots}`;
}

/** What a recall has to say first. */
export function recallAnswer(
	spreads: readonly { readonly bed: string }[],
	inStock: readonly unknown[]
): string {
	const beds = new Set(spreads.map(({ bed }) => bed)).size;
	return `${count(beds, 'bed', 'beds')} and ${count(inStock.length, 'lot in stock', 'lots in stock')}`;
}
