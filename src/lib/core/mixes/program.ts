/** A stuff that a blend may be made of. All shares are of its mass as it lies. */
export interface Candidate {
	readonly id: string;
	readonly name: string;
	/** N, P₂O₅, K₂O and lime value, shares. */
	readonly brings: Nutrients;
	readonly lime: number;
	readonly isSalty: boolean;
	readonly isOwn: boolean;
	/** Of a kilogram; what is one’s own costs nothing. */
	readonly price: number;
	/** No bag of it has a price: it is counted at a price that was assumed. */
	readonly isGuessed?: boolean;
	/** Kilograms at hand; none: as much as one buys. */
	readonly atHand_kg?: number;
	/** Kilograms in one whole measure. */
	readonly measure_kg?: number;
}

export type Nutrients = readonly [n: number, p2o5: number, k2o: number];
export const nutrientNames = Object.freeze(['N', 'P₂O₅', 'K₂O'] as const);

export const aims = Object.freeze(['cost', 'bought', 'own'] as const);
export type Aim = (typeof aims)[number];

/** What is wanted of a blend. */
export interface Wanted {
	/** Grams of each in all; nought: none of it is asked for, and hardly any may be in it. */
	readonly grams: Nutrients;
	/** How far off each may be, share. */
	readonly off: number;
	/** Least share of one’s own, and most of salty stuff and of lime value, shares of the mass. */
	readonly leastOwn?: number;
	readonly mostSalty?: number;
	readonly mostLime?: number;
	/** Only whole measures. */
	readonly isWhole: boolean;
	readonly aim: Aim;
}

/** A limit as a row: Σ of so much per kilogram against a bound. */
export interface Row {
	readonly name: string;
	readonly is: '<=' | '>=';
	readonly of: readonly number[];
	readonly bound: number;
	/** What a slack of it is held against. */
	readonly scale: number;
}

export interface Program {
	readonly candidates: readonly Candidate[];
	readonly wanted: Wanted;
	readonly rows: readonly Row[];
	/** To be made small, for each kilogram. */
	readonly costs: readonly number[];
}

/** Of the mass, so that of two as good the lighter one is chosen. */
const lightly = 1e-6;

/** What is asked for, as rows and costs over kilograms of each candidate. */
export function programOf(candidates: readonly Candidate[], wanted: Wanted): Program {
	const kg = wanted.grams.map((g) => g / 1000);
	const most = Math.max(...kg);
	const rows: Row[] = kg.flatMap((target, i): Row[] => {
		const of = candidates.map(({ brings }) => brings[i] ?? 0);
		const name = nutrientNames[i] ?? '';
		const scale = target > 0 ? target : most;
		if (target <= 0)
			return [{ name: `${name} high`, is: '<=', of, bound: most * wanted.off, scale }];
		return [
			{ name: `${name} low`, is: '>=', of, bound: target * (1 - wanted.off), scale },
			{ name: `${name} high`, is: '<=', of, bound: target * (1 + wanted.off), scale }
		];
	});
	const share = (name: string, is: Row['is'], of: (one: Candidate) => number) =>
		rows.push({ name, is, of: candidates.map(of), bound: 0, scale: most * 10 });
	const { leastOwn, mostSalty, mostLime, aim } = wanted;
	if (leastOwn) share('own', '>=', ({ isOwn }) => (isOwn ? 1 : 0) - leastOwn);
	if (mostSalty !== undefined) share('salty', '<=', ({ isSalty }) => (isSalty ? 1 : 0) - mostSalty);
	if (mostLime !== undefined) share('lime', '<=', ({ lime }) => lime - mostLime);
	candidates.forEach(({ id, atHand_kg }, i) => {
		if (atHand_kg === undefined) return;
		const of = candidates.map((_, at) => (at === i ? 1 : 0));
		rows.push({
			name: `stock ${id}`,
			is: '<=',
			of,
			bound: atHand_kg,
			scale: Math.max(atHand_kg, 0.1)
		});
	});
	const costs = candidates.map((one) => lightly + costOf(one, aim));
	return { candidates, wanted, rows, costs };
}

const costOf = ({ price, isOwn }: Candidate, aim: Aim): number =>
	aim === 'cost' ? price : aim === 'bought' ? (isOwn ? 0 : 1) : isOwn ? -1 : 0;

/** What a solver was given back, by the names of its columns. */
export interface Solved {
	readonly Status: string;
	readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>;
}
export type Solve = (text: string) => Promise<Solved>;

const number = (value: number): string => {
	const text = value.toPrecision(15);
	return Number(text).toString().includes('e') ? Number(text).toFixed(15) : Number(text).toString();
};
const terms = (of: readonly number[], by: (i: number) => string): string => {
	const said = of.flatMap((value, i) =>
		value === 0 ? [] : [`${value < 0 ? '-' : '+'} ${number(Math.abs(value))} ${by(i)}`]
	);
	return said.length > 0 ? said.join(' ') : `0 ${by(0)}`;
};

/** Kilograms in one of what is counted: a whole measure, or a kilogram. */
const unitOf = ({ wanted }: Program, { measure_kg }: Candidate): number =>
	wanted.isWhole && measure_kg ? measure_kg : 1;

/**
 * The program as text that solvers read.
 * @param isSlack each row may be left by a slack, and the slacks are made small instead
 */
export function textOf(program: Program, isSlack = false): string {
	const { candidates, rows, costs, wanted } = program;
	const units = candidates.map((one) => unitOf(program, one));
	const x = (i: number) => `x${i}`;
	const by = (of: readonly number[]) => of.map((value, i) => value * (units[i] ?? 1));
	const goal = isSlack
		? rows.map(({ scale }, i) => `+ ${number(1 / scale)} s${i}`).join(' ')
		: terms(by(costs), x);
	const limits = rows.map(
		({ is, of, bound }, i) =>
			` r${i}: ${terms(by(of), x)} ${isSlack ? `${is === '>=' ? '+' : '-'} s${i} ` : ''}${is} ${number(bound)}`
	);
	const whole = wanted.isWhole
		? candidates.flatMap(({ measure_kg }, i) => (measure_kg ? [x(i)] : []))
		: [];
	return [
		'Minimize',
		` obj: ${goal}`,
		'Subject To',
		...limits,
		'Bounds',
		...candidates.map((_, i) => ` ${x(i)} >= 0`),
		...(whole.length > 0 ? ['General', ` ${whole.join(' ')}`] : []),
		'End'
	].join('\n');
}

/** Kilograms of each candidate in what was found. */
export const kilogramsIn = (program: Program, { Columns }: Solved): readonly number[] =>
	program.candidates.map(
		(one, i) => Math.max(0, Columns[`x${i}`]?.Primal ?? 0) * unitOf(program, one)
	);

export const valueAt = ({ costs }: Pick<Program, 'costs'>, kg: readonly number[]): number =>
	costs.reduce((sum, cost, i) => sum + cost * (kg[i] ?? 0), 0);

const at = (of: readonly number[], kg: readonly number[]) =>
	of.reduce((sum, value, i) => sum + value * (kg[i] ?? 0), 0);

/** How far past its bound a row is, of its scale; at most nought where it holds. */
export const pastBy = ({ is, of, bound, scale }: Row, kg: readonly number[]): number =>
	((at(of, kg) - bound) * (is === '<=' ? 1 : -1)) / scale;

/** Near enough to a bound to stand in the way. */
const touches = 1e-6;

/** An answer to what was asked for. */
export type BlendAnswer =
	| {
			readonly status: 'found';
			readonly kg: readonly number[];
			readonly cost: number;
			/** Names of the rows that stand in the way of a better one. */
			readonly binds: readonly string[];
			/** What one kilogram more of a stuff that runs out would save, in what was to be made small. */
			readonly more: readonly { readonly id: string; readonly saves: number }[];
	  }
	/** There is none: what would have to give way, and by how much of what was asked for. */
	| {
			readonly status: 'none';
			readonly ways: readonly { readonly name: string; readonly by: number }[];
	  };

const isSolved = ({ Status }: Solved) => Status === 'Optimal';

/** The best blend there is, or what stands in the way of any. */
export async function bestBlend(program: Program, solve: Solve): Promise<BlendAnswer> {
	const solved = await solve(textOf(program));
	if (!isSolved(solved)) return { status: 'none', ways: await inTheWay(program, solve) };
	const kg = kilogramsIn(program, solved);
	const binds = program.rows.filter((row) => pastBy(row, kg) > -touches).map(({ name }) => name);
	const scarce = binds.filter((name) => name.startsWith('stock '));
	const more: { id: string; saves: number }[] = [];
	for (const name of scarce.slice(0, 3)) {
		const again = await solve(textOf(withMore(program, name, 1)));
		if (!isSolved(again)) continue;
		const saves = valueAt(program, kg) - valueAt(program, kilogramsIn(program, again));
		more.push({ id: name.slice('stock '.length), saves });
	}
	const cost = program.candidates.reduce((sum, { price }, i) => sum + price * (kg[i] ?? 0), 0);
	return { status: 'found', kg, cost, binds, more };
}

const withMore = (program: Program, name: string, kg: number): Program => ({
	...program,
	rows: program.rows.map((row) => (row.name === name ? { ...row, bound: row.bound + kg } : row))
});

async function inTheWay(program: Program, solve: Solve) {
	const solved = await solve(textOf(program, true));
	return program.rows
		.flatMap(({ name, scale }, i) => {
			const by = (solved.Columns[`s${i}`]?.Primal ?? 0) / scale;
			return by > 1e-7 ? [{ name, by }] : [];
		})
		.sort((a, b) => b.by - a.by);
}
