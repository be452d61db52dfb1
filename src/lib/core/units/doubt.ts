import { leavesOf, valueOf, type Leaf, type Term } from './term';

/** The range of a figure, and what each of its leaves has to do with it. */
export interface Doubt<Q extends number> {
	readonly low: Q;
	readonly high: Q;
	readonly leaves: readonly Leaf[];
	readonly effects: readonly Effect[];
}

export function doubtOf<Q extends number>(
	brand: (value: number) => Q,
	term: Term,
	value: number,
	[least, most]: readonly [low: number, high: number]
): Doubt<Q> {
	const leaves = leavesOf(term);
	const effects = effectsOf(term, value, leaves);
	const range = rangeOf(value, leaves, effects);
	const inside = (at: number) => Math.min(most, Math.max(least, at));
	return {
		low: brand(Math.min(value, inside(range.low))),
		high: brand(Math.max(value, inside(range.high))),
		leaves,
		effects
	};
}

/** What moving a leaf to each of its ends does to the figure. */
export interface Effect {
	readonly atLow: number;
	readonly atHigh: number;
	readonly asRatio: boolean;
}

export function effectsOf(term: Term, value: number, leaves: readonly Leaf[]): readonly Effect[] {
	const ends = leaves.map((leaf) => ({
		low: leaf.low === leaf.value ? value : valueOf(term, { id: leaf.id, to: leaf.low }),
		high: leaf.high === leaf.value ? value : valueOf(term, { id: leaf.id, to: leaf.high })
	}));
	const root = term.is === 'named' ? term.of : term;
	const isSum = root.is === 'joined' && (root.by === '+' || root.by === '−');
	const asRatio = !isSum && value > 0 && ends.every(({ low, high }) => low > 0 && high > 0);
	const change = (end: number) => (asRatio ? Math.log(end / value) : end - value);
	return ends.map(({ low, high }) => ({ atLow: change(low), atHigh: change(high), asRatio }));
}

export function rangeOf(value: number, leaves: readonly Leaf[], effects: readonly Effect[]) {
	const parts = new Map<string, { low: number; high: number }>();
	leaves.forEach((leaf, i) => {
		const effect = effects[i]!;
		for (const [key, weight] of partsOf(leaf)) {
			const known = parts.get(key) ?? { low: 0, high: 0 };
			parts.set(key, {
				low: known.low + weight * effect.atLow,
				high: known.high + weight * effect.atHigh
			});
		}
	});
	let up = 0;
	let down = 0;
	for (const { low, high } of parts.values()) {
		up += Math.max(0, low, high) ** 2;
		down += Math.min(0, low, high) ** 2;
	}
	const asRatio = effects[0]?.asRatio ?? false;
	// What no end of any leaf brings below nought is not there.
	const isPositive = value >= 0 && effects.every((e) => value + Math.min(e.atLow, e.atHigh) >= 0);
	const floor = isPositive ? 0 : -Infinity;
	return asRatio
		? { low: value * Math.exp(-Math.sqrt(down)), high: value * Math.exp(Math.sqrt(up)) }
		: { low: Math.max(floor, value - Math.sqrt(down)), high: value + Math.sqrt(up) };
}

/** A leaf moves by itself; one of a likeness by half of its variance with the others. */
const partsOf = ({ id, likeness }: Leaf): readonly (readonly [key: string, weight: number])[] =>
	likeness === undefined
		? [[id, 1]]
		: [
				[`like ${likeness}`, Math.SQRT1_2],
				[id, Math.SQRT1_2]
			];
