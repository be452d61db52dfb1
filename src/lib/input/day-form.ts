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

/** What a form of a day holds before anything is typed. */
export const freshDay = (vessels: readonly DayVessel[], people: number): Values => ({
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
	if (states.includes('unread')) return undefined;
	return {
		barrels: chosen.map(({ name, litres, burns }, i): Barrel => {
			const state = states[i] as BarrelState | 'cold';
			if (state === 'cold') return { name, litres, burns, rounds };
			// What burns or cools already is the first of its rounds.
			return { name, litres, burns, state, rounds: state.is === 'empty' ? rounds : rounds - 1 };
		}),
		times: {
			fill: whole('fill'),
			light: whole('light'),
			burn: whole('burn'),
			cap: whole('cap'),
			cool: whole('cool'),
			tip: whole('tip')
		},
		hands: whole('hands'),
		burners: whole('burners'),
		hoses: whole('hoses')
	};
}

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
