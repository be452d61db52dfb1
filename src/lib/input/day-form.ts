import { usualRound, type Barrel, type BarrelState, type Day } from '../core/days';
import type { ParseContext, Range } from '../core/units';
import { limits } from './limits';
import { amountIn } from './read-field';

/** A vessel that may stand in a day's row, and the char it usually gives. */
export interface DayVessel {
	readonly name: string;
	readonly litres: Range;
	/** Its burns, where the litres are their mean; none where a published share is taken. */
	readonly burns: number;
	/** Litres of water for one tip, on the upper end: cooled shut, and opened hot. */
	readonly water: { readonly shut: number; readonly hot: number };
	/** What is wrong with it, where it has failed and is not mended. */
	readonly failed?: string;
}

type Values = Readonly<Record<string, string>>;

export const dayFields = ['rounds', 'hands', 'burners', 'hoses'] as const;
export const roundFields = ['fill', 'light', 'burn', 'cap', 'cool', 'tip'] as const;

const sound = (vessels: readonly DayVessel[]) => vessels.filter(({ failed }) => !failed);

/** When people begin who said nothing else. */
const usualStart = '08:00';

/**
 * What a form of a day holds before anything is typed.
 * @param tomorrow local day, YYYY-MM-DD: a day is planned the evening before
 */
export const freshDay = (
	vessels: readonly DayVessel[],
	people: number,
	tomorrow: string
): Values => ({
	startsAt: `${tomorrow}T${usualStart}`,
	barrels: sound(vessels)
		.map(({ name }) => name)
		.join('\n'),
	rounds: '2',
	hands: String(Math.max(1, Math.min(2, people))),
	burners: String(Math.max(1, sound(vessels).length)),
	hoses: '1',
	...Object.fromEntries(roundFields.map((stage) => [stage, String(usualRound[stage])]))
});

/** The day as it is typed; undefined while something of it can't be read. */
export function dayOf(
	values: Values,
	vessels: readonly DayVessel[],
	context: ParseContext
): Day | undefined {
	const read = (name: (typeof dayFields)[number] | (typeof roundFields)[number]) =>
		amountIn(values[name] ?? '', limits.day[name], context);
	const names = (values.barrels ?? '').split('\n');
	const chosen = vessels.filter(({ name }) => names.includes(name));
	const numbers = Object.fromEntries(
		[...dayFields, ...roundFields].map((name) => [name, read(name)])
	);
	if (chosen.length === 0 || Object.values(numbers).includes(undefined)) return undefined;
	const whole = (name: string) => Math.round(numbers[name]!);
	const rounds = whole('rounds');
	const states = chosen.map(({ name }) => stateOf(values, name, context));
	const each = chosen.map(({ name }) => roundsOf(values, name, rounds, context));
	const shifts = shiftsOf(values[byClockField] ?? '', values.startsAt ?? '', whole('hands'));
	if (states.includes('unread') || each.includes(undefined) || shifts === undefined)
		return undefined;
	return {
		barrels: chosen.map(({ name, litres, burns }, i): Barrel => {
			const state = states[i] as BarrelState | 'cold';
			const own = each[i] ?? rounds;
			if (state === 'cold') return { name, litres, burns, rounds: own };
			// What burns or cools already is the first of its rounds.
			return {
				name,
				litres,
				burns,
				state,
				rounds: state.is === 'empty' ? own : Math.max(0, own - 1)
			};
		}),
		times: {
			fill: whole('fill'),
			light: whole('light'),
			burn: whole('burn'),
			cap: whole('cap'),
			cool: whole('cool'),
			tip: whole('tip')
		},
		...shifts,
		burners: whole('burners'),
		hoses: whole('hoses')
	};
}

/** Rounds of one barrel, where they are not those of all. */
export const roundsField = (name: string) => `rounds-${name}`;

function roundsOf(
	values: Values,
	name: string,
	usual: number,
	context: ParseContext
): number | undefined {
	const typed = values[roundsField(name)]?.trim() ?? '';
	if (typed === '') return usual;
	const read = amountIn(typed, limits.day.ownRounds, context);
	return read === undefined ? undefined : Math.round(read);
}

export const byClockField = 'byClock';

/** From a time of the clock on so many are there. */
export interface Shift {
	/** Minutes after midnight. */
	readonly at: number;
	readonly hands: number;
}

/** Hands that come and go, `14:00 1, 16:30 3`; undefined where something of it can't be read. */
export function readShifts(text: string): readonly Shift[] | undefined {
	const parts = text.split(/[,;]/).flatMap((part) => part.trim() || []);
	const shifts = parts.map((part) => {
		const [, hour, minute, hands] = /^(\d{1,2})[:.](\d{2})\s+(\d{1,2})$/.exec(part) ?? [];
		if (hour === undefined || Number(hour) > 23 || Number(minute) > 59) return undefined;
		return Number(hands) > limits.day.hands.high
			? undefined
			: { at: Number(hour) * 60 + Number(minute), hands: Number(hands) };
	});
	const read = shifts.filter((shift) => shift !== undefined);
	return read.length === shifts.length ? read.sort((a, b) => a.at - b.at) : undefined;
}

/** How many are there when, counted from when the day begins; undefined where it can't be told. */
function shiftsOf(
	text: string,
	startsAt: string,
	hands: number
): Pick<Day, 'hands' | 'away'> | undefined {
	const shifts = readShifts(text);
	if (!shifts) return undefined;
	if (shifts.length === 0) return { hands };
	const [, hour, minute] = /T(\d{2}):(\d{2})/.exec(startsAt) ?? [];
	if (hour === undefined) return undefined;
	const start = Number(hour) * 60 + Number(minute);
	const most = Math.max(hands, ...shifts.map((shift) => shift.hands));
	// Before the day begins it changes how many are there at its beginning.
	const from = shifts.map((shift) => ({ ...shift, at: Math.max(0, shift.at - start) }));
	const spans = [{ at: 0, hands }, ...from].map((shift, i) => ({
		from: shift.at,
		to: from[i]?.at ?? longestDay,
		hands: most - shift.hands
	}));
	return { hands: most, away: spans.filter((span) => span.hands > 0 && span.to > span.from) };
}

const longestDay = 7 * 24 * 60;

/** Fields of where each barrel stands, and of the minutes it needs yet. */
export const untilField = (name: string) => `until-${name}`;

/** Where a barrel stands now, and for how many minutes yet; `unread` where those can't be read. */
function stateOf(
	values: Values,
	name: string,
	context: ParseContext
): BarrelState | 'cold' | 'unread' {
	const is = values[`state-${name}`];
	const typed = values[untilField(name)]?.trim() ?? '';
	const read = typed === '' ? 0 : amountIn(typed, limits.day.until, context);
	if (read === undefined) return 'unread';
	const left = Math.round(read);
	if (is === 'burning' || is === 'cooling') return { is, until: left };
	return is === 'empty' && left > 0 ? { is, from: left } : 'cold';
}

const list = /^\d+(,\d+)*$/;

/** An order that was found on the page, as a field carries it. */
export const genesText = ({
	order,
	skips
}: {
	order: readonly number[];
	skips: readonly number[];
}) => `${order.join(',')};${skips.join(',')}`;

export function genesFrom(text: string) {
	const [order = '', skips = ''] = text.split(';');
	const numbers = (part: string) => (list.test(part) ? part.split(',').map(Number) : []);
	return { order: numbers(order), skips: numbers(skips) };
}
