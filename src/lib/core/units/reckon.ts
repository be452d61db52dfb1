import type { Estimate, Input, Origin, Range, Unit } from './estimate';
import { leavesOf, namedIn, printed, valueOf, type Leaf, type Named, type Term } from './term';

/** What figures were reckoned from, while they are at hand; once sent or stored they stand for themselves. */
const madeOf = new WeakMap<Estimate, Term>();

/** What is said of a figure beside what follows from its terms. */
export interface Facts {
	readonly unit: Unit;
	/** What the number refers to: wet or dry, whole or crushed. */
	readonly basis: string;
	/** A range never reaches past what can be. */
	readonly within?: readonly [low: number, high: number];
}

/**
 * A figure by its terms: value, range, formula and inputs all follow from them. Each leaf is moved to its
 * low and to its high by itself, and what that does is combined in quadrature for each side: as ratios,
 * since errors here are ratios; as differences for a sum, and where anything comes to nought. Leaves of one
 * likeness move together by half of their variance.
 * @param brand checks each of the three numbers
 * @throws RangeError where a number is outside what the brand takes
 * Source: JCGM 100:2008 (GUM), 5.1.2 and 5.2.2, with one evaluation for each end of each input.
 * @example reckon(litres, times(char, settling), { unit: 'L', basis: 'mixed' })
 */
export function reckon<Q extends number>(
	brand: (value: number) => Q,
	term: Term,
	{ unit, basis, within = [-Infinity, Infinity] }: Facts
): Estimate<Q> {
	const value = valueOf(term);
	let doubt: Doubt<Q> | undefined;
	let formula: string | undefined;
	let from: readonly Input[] | undefined;
	const doubtNow = () => (doubt ??= doubtOf(brand, term, value, within));
	// All but the value is told when it is looked at: most figures of a plan are only steps to the next.
	const figure: Estimate<Q> = {
		value: brand(value),
		get low() {
			return doubtNow().low;
		},
		get high() {
			return doubtNow().high;
		},
		unit,
		basis,
		get formula() {
			return (formula ??= printed(term));
		},
		get from() {
			return (from ??= inputsOf(term, doubtNow()));
		}
	};
	madeOf.set(figure, term);
	return figure;
}

/**
 * A figure reckoned before as one term of the next, told by its name and value. While it is at hand its
 * leaves still move, so that one which enters twice moves once; a stored one moves as a whole.
 */
export function earlier(
	name: string,
	figure: Estimate,
	origin: Origin = 'computed',
	more: { readonly id?: string; readonly likeness?: string; readonly source?: string } = {}
): Leaf | Named {
	const { unit } = figure;
	const of = madeOf.get(figure);
	if (of) {
		const said = { is: 'named', name, of, unit, origin, told: figure } as const;
		if (more.source !== undefined) return { ...said, source: more.source };
		return {
			...said,
			get source() {
				return figure.formula;
			}
		};
	}
	const source = more.source ?? figure.formula;
	return {
		is: 'leaf',
		name,
		id: more.id ?? `${name} ${source}`,
		value: figure.value,
		low: figure.low,
		high: figure.high,
		unit,
		origin,
		source,
		...(more.likeness === undefined ? {} : { likeness: more.likeness })
	};
}

/**
 * A figure that is no formula of its inputs but was found from them: a fit, a mean of readings, an
 * inverse, a depth in a shape. It is told by its name, by how it was found and from what; in the next
 * figure it moves as a whole.
 * @param found its name, range and how it was found
 * @param from what it was found from, for the person to see
 * @example found(share, known('yield', range, 'share', 'computed', 'published mean pulled toward 3 own burns'), burns, facts)
 */
export function found<Q extends number>(
	brand: (value: number) => Q,
	leaf: Leaf,
	from: readonly (Leaf | Named)[],
	facts: Facts
): Estimate<Q> {
	const figure = reckon(brand, leaf, facts);
	let all: readonly Input[] | undefined;
	const told: Estimate<Q> = {
		value: figure.value,
		get low() {
			return figure.low;
		},
		get high() {
			return figure.high;
		},
		unit: figure.unit,
		basis: figure.basis,
		get formula() {
			return figure.formula;
		},
		get from() {
			return (all ??= [...figure.from, ...from.map((one) => inputOf(one))]);
		}
	};
	madeOf.set(told, leaf);
	return told;
}

/** One named amount as a person sees it. */
function inputOf(input: Leaf | Named): Input {
	const { name, unit, origin, source } = input;
	const { value, low, high } = toldOf(input);
	return { name, value, ...(low === high ? {} : { low, high }), unit, origin, source };
}

/** The range of a figure, and what each of its leaves has to do with it. */
interface Doubt<Q extends number> {
	readonly low: Q;
	readonly high: Q;
	readonly leaves: readonly Leaf[];
	readonly effects: readonly Effect[];
}

function doubtOf<Q extends number>(
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
interface Effect {
	readonly atLow: number;
	readonly atHigh: number;
	readonly asRatio: boolean;
}

function effectsOf(term: Term, value: number, leaves: readonly Leaf[]): readonly Effect[] {
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

function rangeOf(value: number, leaves: readonly Leaf[], effects: readonly Effect[]) {
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

/** What the formula names, with its share of all the doubt. */
function inputsOf(
	term: Term,
	{ leaves, effects }: Pick<Doubt<number>, 'leaves' | 'effects'>
): readonly Input[] {
	const widths = new Map(
		leaves.map(({ id }, i) => [id, (effects[i]!.atHigh - effects[i]!.atLow) ** 2])
	);
	const all = [...widths.values()].reduce((sum, width) => sum + width, 0);
	const widthOf = (input: Leaf | Named): number =>
		input.is === 'leaf'
			? (widths.get(input.id) ?? 0)
			: leavesOf(input).reduce((sum, { id }) => sum + (widths.get(id) ?? 0), 0);
	return namedIn(term).map((input): Input => {
		const width = all > 0 ? widthOf(input) : 0;
		return {
			...inputOf(input),
			...(all > 0 && width > 0 ? { doubt: Math.min(1, width / all) } : {})
		};
	});
}

function toldOf(input: Leaf | Named): Range {
	if (input.is === 'leaf') return input;
	if (input.told) return input.told;
	const value = valueOf(input.of);
	const leaves = leavesOf(input.of);
	return { value, ...rangeOf(value, leaves, effectsOf(input.of, value, leaves)) };
}
