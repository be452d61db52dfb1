import type { Advice, Fault, Missing, Reading, Stuff } from '../core/advice';
import type { System } from '../core/units';
import { plain, say } from './figure';

/** What a sentence leaves open, as it is asked. */
export const missingWords: Readonly<Record<Missing, string>> = {
	stuff: 'Of what? It names no stuff.',
	amount: 'How much? It names no amount.',
	over: 'On how much ground? It says no area.',
	'which-over': 'A square of ground, or so much of a row? Either may be meant.',
	'which-measure':
		'How large is that measure? The usual one was taken, or your own where you have it.',
	often: 'How often? Once, or each season.',
	charged: 'Charged or raw? They work otherwise.',
	dry: 'Weighed dry, or as sold? Water may be half of it.'
};

/** What speaks against it. */
export function faultWords(fault: Fault): string {
	switch (fault.is) {
		case 'contradicts':
			return `It says two rates that can’t be the same: they lie at least ${plain(fault.times, 1)} times apart, however each is meant.`;
		case 'more-than-soil':
			return 'It is more than this bed has soil.';
		case 'over-ceiling':
			return `It would be ${plain(fault.share * 100, 0)} % of the soil at once: past the ceiling for life.`;
		case 'adds-up':
			return `Char does not go away: given each season it reaches the ceiling of this bed in ${fault.seasons} ${fault.seasons === 1 ? 'season' : 'seasons'}.`;
		case 'no-amount-does':
			return `So much lifts the pH by ${plain(fault.low, 2)} to ${plain(fault.high, 2)}, and not by ${plain(fault.by, 1)}: no such amount can.`;
		case 'raw':
			return 'Raw char takes nitrogen and water from the roots until it is filled: charge it first, or feed the bed.';
		case 'rule-for-all':
			return 'It is a rule for all beds: whether yours wants lime its own pH says, char or none.';
	}
}

/** Beside the bed that has had the most. */
export const besideWords = ({
	name,
	times
}: {
	readonly name: string;
	readonly times: number;
}): string =>
	times >= 1.05
		? `${plain(times, 1)} times what ${name} has had, your heaviest bed.`
		: `${plain(times * 100, 0)} % of what ${name} has had, your heaviest bed.`;

export const oftenWords: Readonly<Record<NonNullable<Advice['often']>, string>> = {
	once: 'once',
	'each-season': 'each season',
	'each-week': 'each week',
	'each-month': 'each month',
	'each-time': 'each time'
};

export const chargedWords = { raw: 'raw', charged: 'charged' } as const;
export const weighedWords = { dry: 'dry', 'as-sold': 'as it is sold or lies' } as const;

export const stuffNames: Readonly<Record<Stuff, string>> = {
	char: 'char',
	ash: 'wood ash',
	lime: 'lime',
	compost: 'compost',
	manure: 'manure',
	urine: 'urine',
	tea: 'a tea or liquor',
	'leaf-mould': 'leaf mould',
	'rock-dust': 'rock dust'
};

/** One way it may be meant, with what it comes to. */
export const takenWords = ({ taken, perM2 }: Reading, system: System | undefined): string =>
	`${taken.join(', to the ')}: ${say(perM2.value, 'L/m²', system)}`;
