import { drySorts, dryKg, kgOf, shareOut, type ActLine, type Gift } from '$lib/core/ledger';
import { added, known, less, over, reckon, times, type Estimate, type Term } from '$lib/core/units';
import { verbWords } from '$lib/format/act-words';
import { sayDay, type Almanac } from '$lib/format/dates';

/** An act with all its lines: lots, beds, and what came from outside or left. */
export interface MovedAct {
	readonly verb: string;
	readonly at_ms: number;
	readonly person: string;
	readonly lines: readonly ActLine[];
}

export type MovedUnit = 'L' | 'kg';

const how: Readonly<Record<string, string>> = {
	'measure-stack': 'size of the pile as measured, with its air',
	'record-burn': 'as measured when it was burnt',
	crush: 'as measured before and after crushing',
	charge: 'char as taken; partner and mix as they went in',
	'stock-up': 'as it was brought in',
	'top-up': 'as it was added',
	'put-on-bed': 'as it was put on',
	split: 'as it was taken',
	join: 'as it was taken',
	drain: 'what its char does not hold runs off',
	spread: 'as put on, in the measure it was typed in',
	recount: 'what was found − what the books held',
	dispose: 'as typed, or all there was',
	lose: 'as typed, or all there was',
	'give-away': 'as typed, or all there was',
	reverse: 'the opposite of what it reverses'
};

/** What came to a place, or below nought went from it: litres, or kg dry. */
const of = ({ direction, volume_ml, contents }: ActLine, unit: MovedUnit) =>
	(direction === 'in' ? 1 : -1) * (unit === 'L' ? volume_ml / 1000 : dryKg(contents));

/** A lot's code, a bed's name, or what came from outside and left, in words. */
export const nameOf = (node: string): string =>
	node.startsWith('bed:')
		? node.slice(4)
		: /^[a-z-]+$/.test(node)
			? node.replaceAll('-', ' ')
			: node;

const worked = (unit: MovedUnit, term: Term) =>
	reckon<number>((v) => v, term, { unit, basis: unit === 'L' ? 'as it lay' : 'oven-dry' });

/** What one act moved into or out of a lot; undefined where it moved nothing. */
export function movedFigure(
	act: MovedAct,
	node: string,
	unit: MovedUnit,
	almanac: Almanac
): Estimate | undefined {
	const mine = act.lines.filter((line) => line.node === node);
	if (mine.length === 0) return undefined;
	const value = mine.reduce((sum, line) => sum + of(line, unit), 0);
	const litres = mine.reduce((sum, line) => sum + of(line, 'L'), 0);
	const moved = known('moved', litres, 'L', 'typed', `${said(act, almanac)}: ${wayOf(act)}`);
	if (unit === 'L') return worked('L', moved);
	if (value < 0 && litres < 0)
		return worked(
			'kg',
			times(
				moved,
				known(
					'dry weight per litre',
					value / litres,
					'kg/L',
					'computed',
					'what the lot held then, dry, over its litres'
				)
			)
		);
	return worked('kg', closing(act, node, said(act, almanac)));
}

/** By all other lines: the dry matter of an act closes. */
function closing(act: MovedAct, node: string, source: string): Term {
	const rest = act.lines.filter((line) => line.node !== node && of(line, 'kg') !== 0);
	const sides = (direction: ActLine['direction']) =>
		rest
			.filter((line) => line.direction === direction)
			.map((line) =>
				known(
					`${direction === 'in' ? 'into' : 'from'} ${nameOf(line.node)}`,
					Math.abs(of(line, 'kg')),
					'kg',
					'computed',
					source
				)
			);
	const [from, into] = [sides('out'), sides('in')];
	return less(from.length > 0 ? added(...from) : 0, ...into);
}

const wayOf = ({ verb }: MovedAct) => how[verb] ?? 'as written down';
const said = ({ verb, at_ms, person }: MovedAct, almanac: Almanac) =>
	`${verbWords[verb] ?? verb} ${sayDay(at_ms, almanac)}, ${person}`;

/** What one lot gave another, or a bed, in an act: the strand of a trace. */
export function giftFigure(
	act: MovedAct,
	[from, to]: readonly [string, string],
	unit: MovedUnit
): Estimate | undefined {
	const gifts = shareOut(act.lines);
	if (!gifts.some((one) => one.from === from && one.to === to)) return undefined;
	return worked(
		unit,
		unit === 'L' ? litresGiven(act, gifts, from, to) : kgGiven(act, gifts, from, to)
	);
}

const line = (name: string, value: number, unit: MovedUnit) =>
	known(name, value, unit, 'computed', 'lines of this act in the books');

const sumOf = (lines: readonly ActLine[], amount: (line: ActLine) => number) =>
	lines.reduce((sum, one) => sum + amount(one), 0);

function litresGiven(act: MovedAct, gifts: readonly Gift[], from: string, to: string): Term {
	const taken = act.lines.filter(({ node, direction }) => node === from && direction === 'out');
	const children = [...new Set(gifts.map((one) => one.to))].map((node) =>
		line(
			`made: ${nameOf(node)}, dry`,
			sumOf(
				act.lines.filter((one) => one.node === node && one.direction === 'in'),
				({ contents }) => dryKg(contents)
			),
			'kg'
		)
	);
	const own = children.find(({ name }) => name === `made: ${nameOf(to)}, dry`);
	const litres = line(
		`taken from ${nameOf(from)}`,
		sumOf(taken, ({ volume_ml }) => volume_ml / 1000),
		'L'
	);
	const all = children.reduce((sum, { value }) => sum + value, 0);
	if (!own || all === 0) return over(litres, children.length);
	return over(times(litres, own), added(...children));
}

/** By each sort of dry matter that arrived: who gave how much of it, or where nobody had it, of all. */
function kgGiven(act: MovedAct, gifts: readonly Gift[], from: string, to: string): Term {
	const givers = new Set(gifts.map((one) => one.from));
	const out = act.lines.filter(({ node, direction }) => direction === 'out' && givers.has(node));
	const sorts = drySorts.flatMap((sort) => {
		const arrived = sumOf(
			act.lines.filter((one) => one.node === to && one.direction === 'in'),
			({ contents }) => kgOf(contents, sort)
		);
		if (arrived === 0) return [];
		const hasSort = out.some(({ contents }) => kgOf(contents, sort) > 0);
		const gave = ({ contents }: ActLine) => (hasSort ? kgOf(contents, sort) : dryKg(contents));
		const what = hasSort ? sort : 'dry matter';
		const mine = sumOf(
			out.filter(({ node }) => node === from),
			gave
		);
		return [
			over(
				times(
					line(`${sort} in ${nameOf(to)}`, arrived, 'kg'),
					line(`${what} from ${nameOf(from)}`, mine, 'kg')
				),
				line(`${what} from all`, sumOf(out, gave), 'kg')
			)
		];
	});
	return sorts.length > 0 ? added(...sorts) : line(`dry matter in ${nameOf(to)}`, 0, 'kg');
}
