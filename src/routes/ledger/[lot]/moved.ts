import { shareOut, type ActLine } from '$lib/core/ledger';
import { estimate, exactly, inputOf, type Estimate, type Input } from '$lib/core/units';
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
	charge: 'char as taken; partner and mix as the school asks',
	spread: 'as put on, in the measure it was typed in',
	recount: 'what was found − what the books held',
	dispose: 'as typed, or all there was',
	lose: 'as typed, or all there was',
	'give-away': 'as typed, or all there was',
	reverse: 'the opposite of what it reverses'
};

const of = (line: ActLine, unit: MovedUnit) => (unit === 'L' ? line.volume_ml : line.dry_g) / 1000;

/** A lot's code, a bed's name, or what came from outside and left, in words. */
export const nameOf = (node: string): string =>
	node.startsWith('bed:')
		? node.slice(4)
		: /^[a-z-]+$/.test(node)
			? node.replaceAll('-', ' ')
			: node;

const worked = (unit: MovedUnit, value: number, formula: string, from: readonly Input[]) =>
	estimate<number>((v) => v, exactly(value), {
		unit,
		basis: unit === 'L' ? 'as it lay' : 'oven-dry',
		formula,
		from
	});

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
	if (unit === 'L') return worked('L', value, wayOf(act), [written(act, value, almanac)]);
	if (value < 0 && litres < 0) return takenFigure(value, litres, [act, almanac]);
	const rest = act.lines.filter((line) => line.node !== node && line.dry_g !== 0);
	return worked(
		'kg',
		value,
		'the opposite of all other lines: the dry weight of an act closes',
		rest.map((line) => ({
			name: nameOf(line.node),
			value: of(line, 'kg'),
			unit: 'kg',
			origin: 'computed',
			source: said(act, almanac)
		}))
	);
}

const wayOf = ({ verb }: MovedAct) => how[verb] ?? 'as written down';
const said = ({ verb, at_ms, person }: MovedAct, almanac: Almanac) =>
	`${verbWords[verb] ?? verb} ${sayDay(at_ms, almanac)}, ${person}`;

const written = (act: MovedAct, value: number, almanac: Almanac): Input => ({
	name: 'moved',
	value,
	unit: 'L',
	origin: 'typed',
	source: said(act, almanac)
});

function takenFigure(kg: number, litres: number, [act, almanac]: [MovedAct, Almanac]): Estimate {
	return worked('kg', kg, 'litres taken × dry weight per litre of the lot at that moment', [
		written(act, litres, almanac),
		{
			name: 'dry weight per litre',
			value: kg / litres,
			unit: 'kg/L',
			origin: 'computed',
			source: 'what the lot held then, dry, over its litres'
		}
	]);
}

/** What one lot gave another, or a bed, in an act: the strand of a trace. */
export function giftFigure(
	act: MovedAct,
	[from, to]: readonly [string, string],
	unit: MovedUnit
): Estimate | undefined {
	const gifts = shareOut(act.lines);
	const gift = gifts.find((one) => one.from === from && one.to === to);
	if (!gift) return undefined;
	const sum = (wanted: (line: ActLine) => boolean, what: MovedUnit) =>
		act.lines.filter(wanted).reduce((total, line) => total + of(line, what), 0);
	const input = (name: string, value: number, of: MovedUnit): Input =>
		inputOf(name, Math.abs(value), of, 'computed', 'lines of this act in the books');
	const taken = (what: MovedUnit) => sum((line) => line.node === from, what);
	const made = gifts.filter((one) => one.from === from);
	const arrived = sum((line) => line.node === to, 'kg');
	return unit === 'L'
		? worked('L', gift.litres, `litres taken × what went to ${nameOf(to)} ÷ all that was made`, [
				input(`taken from ${nameOf(from)}`, taken('L'), 'L'),
				...made.map((one) =>
					input(
						`made: ${nameOf(one.to)}, dry`,
						sum((line) => line.node === one.to, 'kg'),
						'kg'
					)
				)
			])
		: worked('kg', gift.kgDry, `what arrived × what ${nameOf(from)} gave ÷ all that was given`, [
				input(`arrived in ${nameOf(to)}`, arrived, 'kg'),
				input(`given by ${nameOf(from)}`, taken('kg'), 'kg'),
				...[...new Set(gifts.map((one) => one.from))]
					.filter((giver) => giver !== from)
					.map((giver) =>
						input(
							`given by ${nameOf(giver)}`,
							sum((line) => line.node === giver, 'kg'),
							'kg'
						)
					)
			]);
}
