import type { PriceId, Stage, Verdict } from '../core/worth';
import type { Range } from '../core/units';
import { plain } from './figure';

export const stageWords: Readonly<Record<Stage, string>> = {
	gather: 'gathering',
	cut: 'cutting',
	carry: 'carrying',
	load: 'loading',
	tend: 'tending the fire',
	quench: 'quenching',
	crush: 'crushing and sieving',
	charge: 'charging',
	brew: 'brewing',
	turn: 'turning heaps',
	spread: 'putting it on',
	other: 'other work'
};

export const priceWords: Readonly<Record<PriceId, string>> = {
	char: 'Char, a litre',
	compost: 'Compost, a litre',
	lime: 'Lime, a kilogram of CaCO₃',
	nitrogen: 'Nitrogen, a kilogram',
	potash: 'Potash, a kilogram of K₂O',
	hour: 'An hour of yours is worth'
};

export const sparedWords: Readonly<Record<Exclude<PriceId, 'hour'>, string>> = {
	char: 'L of char',
	compost: 'L of compost',
	lime: 'kg of lime',
	nitrogen: 'kg of nitrogen',
	potash: 'kg of potash'
};

export const worthWords: Readonly<Record<Verdict, string>> = {
	worth: 'worth the work',
	'not-worth': 'not worth the work',
	unclear: 'the guesses leave it open',
	'no-price': 'no price of char to set against it'
};

const places = (value: number) => (value >= 20 ? 0 : value >= 2 ? 1 : 2);
const spans = ({ value, low, high }: Range) => high - low > 0.04 * Math.abs(value);

/** A span of plain numbers, or one where its ends are as good as one. */
export function sayEnds(range: Range): string {
	const [low, high] = [range.low, range.high].map((end) => plain(end, places(range.high)));
	return spans(range) && low !== high
		? `${low} to ${high}`
		: plain(range.value, places(range.value));
}

/** Minutes of all heads as people say them: "11 to 14 min", "6.5 h". */
export function sayMinutes(range: Range): string {
	if (range.value < 90) return `${sayEnds(range)} min`;
	const hours = { value: range.value / 60, low: range.low / 60, high: range.high / 60 };
	return `${sayEnds(hours)} h`;
}
