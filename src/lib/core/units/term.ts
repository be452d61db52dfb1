import type { Origin, Range, Unit } from './estimate';

/** A named amount with its doubt: what a figure is reckoned from. */
export interface Leaf extends Range {
	readonly is: 'leaf';
	readonly name: string;
	/** The same id is the same amount, wherever it enters. */
	readonly id: string;
	readonly unit: Unit;
	readonly origin: Origin;
	/** The published source or the act that gave it. */
	readonly source: string;
	/** Of several with one likeness each shares half of its doubt with the others. */
	readonly likeness?: string;
}

/** A figure of its own inside another: told by its name and value, doubted by what it is made of. */
export interface Named {
	readonly is: 'named';
	readonly name: string;
	readonly of: Term;
	readonly unit: Unit;
	readonly origin: Origin;
	/** How it comes about: its own formula, found when asked for, or the name of a fit, an inverse, a geometry. */
	readonly source: string | (() => string);
	/** Its range as it was told where it was reckoned. */
	readonly told?: Range;
}

/** What is no formula: a fit, an inverse, an integral of its terms. */
interface Step {
	readonly is: 'step';
	readonly of: readonly Term[];
	readonly by: (...values: readonly number[]) => number;
}

type Operator = '+' | '−' | '×' | '÷' | 'smaller' | 'larger';

interface Joined {
	readonly is: 'joined';
	readonly by: Operator;
	readonly of: readonly Term[];
}

interface Raised {
	readonly is: 'raised';
	readonly of: Term;
	readonly to: number;
}

interface Constant {
	readonly is: 'constant';
	readonly value: number;
}

export type Term = Leaf | Named | Step | Joined | Raised | Constant;
/** Where a term stands a plain number may stand. */
type Termed = Term | number;

const asTerm = (term: Termed): Term =>
	typeof term === 'number' ? { is: 'constant', value: term } : term;
const joinedBy =
	(by: Operator) =>
	(...of: readonly Termed[]): Term => ({ is: 'joined', by, of: of.map(asTerm) });

/** Sum, product, and the smaller or larger of several terms. */
export const added = joinedBy('+');
export const times = joinedBy('×');
export const atMost = joinedBy('smaller');
export const atLeast = joinedBy('larger');
/** The first less the others; the first over the others. */
export const less = joinedBy('−');
export const over = joinedBy('÷');
export const raised = (of: Term, to: number): Term => ({ is: 'raised', of, to });

/**
 * One amount that a figure rests on.
 * @param amount with its range where it has one: the central 80 %
 * @param source who says so: the published source, or the act that gave it
 * @example known('depth', 15, 'cm', 'measured', 'of this bed')
 */
export function known(
	name: string,
	amount: number | Range,
	unit: Unit,
	origin: Origin,
	source: string,
	more: { readonly id?: string; readonly likeness?: string } = {}
): Leaf {
	const { value, low, high } =
		typeof amount === 'number' ? { value: amount, low: amount, high: amount } : amount;
	const { id = `${name} ${source}`, likeness } = more;
	return {
		is: 'leaf',
		name,
		id,
		value,
		low,
		high,
		unit,
		origin,
		source,
		...(likeness === undefined ? {} : { likeness })
	};
}

/**
 * A step that is no formula, told by its name and value.
 * @param how what it is: "depth of so many litres in this tub", "fit through own burns"
 */
export function stepped(
	name: string,
	unit: Unit,
	how: string,
	of: readonly Term[],
	by: (...values: readonly number[]) => number
): Named {
	return {
		is: 'named',
		name,
		unit,
		origin: 'computed',
		source: how,
		of: { is: 'step', of, by }
	};
}

/** Every leaf under a term, each id once. */
export function leavesOf(term: Term): readonly Leaf[] {
	const found = new Map<string, Leaf>();
	const walk = (at: Term): void => {
		if (at.is === 'leaf') found.set(at.id, at);
		else if (at.is !== 'constant') for (const below of termsIn(at)) walk(below);
	};
	walk(term);
	return [...found.values()];
}

const termsIn = (term: Named | Step | Joined | Raised): readonly Term[] =>
	term.is === 'step' || term.is === 'joined' ? term.of : [term.of];

/** One leaf put to one of its ends. */
interface Moved {
	readonly id: string;
	readonly to: number;
}

/** The value of a term, with one leaf moved where one is given. */
export function valueOf(term: Term, moved?: Moved): number {
	switch (term.is) {
		case 'constant':
			return term.value;
		case 'leaf':
			return moved?.id === term.id ? moved.to : term.value;
		case 'named':
			return valueOf(term.of, moved);
		case 'raised':
			return valueOf(term.of, moved) ** term.to;
		case 'step':
			return term.by(...term.of.map((below) => valueOf(below, moved)));
		case 'joined':
			return joinedValue(term, moved);
	}
}

/** Folded as it goes: a page works out thousands of these, and each is asked twice for each leaf. */
function joinedValue({ by, of }: Joined, moved: Moved | undefined): number {
	const [first] = of;
	let value = first === undefined ? 0 : valueOf(first, moved);
	for (let i = 1; i < of.length; i += 1) value = foldInto(by, value, valueOf(of[i]!, moved));
	return value;
}

function foldInto(by: Operator, value: number, next: number): number {
	switch (by) {
		case '+':
			return value + next;
		case '×':
			return value * next;
		case '−':
			return value - next;
		case '÷':
			return value / next;
		case 'smaller':
			return Math.min(value, next);
		case 'larger':
			return Math.max(value, next);
	}
}

/** What is named in a formula, in the order it is read. */
export function namedIn(term: Term): readonly (Leaf | Named)[] {
	const found = new Map<string, Leaf | Named>();
	const walk = (at: Term): void => {
		if (at.is === 'leaf' || at.is === 'named') found.set(at.name, at);
		else if (at.is !== 'constant') for (const below of termsIn(at)) walk(below);
	};
	// A figure told by its name alone is told by what it is made of.
	walk(term.is === 'named' ? term.of : term);
	return [...found.values()];
}

const rank: Readonly<Record<Operator, number>> = {
	'+': 1,
	'−': 1,
	'×': 2,
	'÷': 2,
	smaller: 3,
	larger: 3
};

/** The formula as a person reads it; evaluated with the named values it gives the figure. */
export function printed(term: Term): string {
	return print(term.is === 'named' ? term.of : term, 0);
}

function print(term: Term, within: number): string {
	switch (term.is) {
		case 'constant':
			return String(Number(term.value.toPrecision(6))).replace('-', '−');
		case 'leaf':
		case 'named':
			return term.name;
		case 'raised':
			return `${print(term.of, 4)}${powers[term.to] ?? `^${term.to}`}`;
		case 'step':
			return term.of.map((below) => print(below, 0)).join(', ');
		case 'joined':
			return printJoined(term, within);
	}
}

const powers: Readonly<Record<number, string>> = { 2: '²', 3: '³' };

function printJoined({ by, of }: Joined, within: number): string {
	if (by === 'smaller' || by === 'larger')
		return `the ${by} of (${of.map((below) => print(below, 0)).join('; ')})`;
	const own = rank[by];
	const [first, ...rest] = of;
	// After − and ÷ a term of the same rank wants its brackets.
	const text = [
		print(first!, own - 1),
		...rest.map((below) => print(below, by === '−' || by === '÷' ? own : own - 1))
	].join(` ${by} `);
	return own <= within ? `(${text})` : text;
}
