import type { Estimate, Input, Origin, Range, Unit } from './estimate';
import { doubtOf, effectsOf, rangeOf, type Doubt } from './doubt';
import { once, withLater } from './later';
import { leavesOf, namedIn, printed, valueOf, type Leaf, type Named, type Term } from './term';

/** What a figure was reckoned from, while it is at hand; once sent, stored or copied it stands for itself. */
const made = Symbol('made');

const termOf = (figure: Estimate): Term | undefined => (figure as { readonly [made]?: Term })[made];

const madeFrom = <T extends Estimate>(term: Term, figure: T): T =>
	Object.defineProperty(figure, made, { value: term });

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
	facts: Facts
): Estimate<Q> {
	const value = valueOf(term);
	const range = once(() => doubtOf(brand, term, value, facts.within ?? [-Infinity, Infinity]));
	// All but the value is told when it is looked at: most figures of a plan are only steps to the next.
	const figure = withLater(
		{ value: brand(value), unit: facts.unit, basis: facts.basis },
		{
			low: () => range().low,
			high: () => range().high,
			formula: once(() => printed(term)),
			from: once(() => inputsOf(term, range()))
		}
	);
	return madeFrom(term, figure);
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
	const of = termOf(figure);
	if (of) {
		const source = more.source ?? (() => figure.formula);
		return { is: 'named', name, of, unit, origin, source, told: figure };
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
	const told = withLater(
		{ value: figure.value, unit: facts.unit, basis: facts.basis },
		{
			low: () => figure.low,
			high: () => figure.high,
			formula: () => figure.formula,
			from: once(() => [...figure.from, ...from.map((one) => inputOf(one))])
		}
	);
	return madeFrom(leaf, told);
}

/** One named amount as a person sees it. */
function inputOf(input: Leaf | Named): Input {
	const { name, unit, origin } = input;
	const { value, low, high } = toldOf(input);
	const source = typeof input.source === 'string' ? input.source : input.source();
	return { name, value, ...(low === high ? {} : { low, high }), unit, origin, source };
}

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
