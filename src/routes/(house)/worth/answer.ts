import { money, moneyAbout } from '$lib/format/money';
import { sayMinutes } from '$lib/format/worth-words';
import type { PageData } from './$types';

/** Whether it is worth it, or what is missing to tell. */
export function worthAnswer({
	told,
	prices,
	currency,
	when
}: Pick<PageData, 'told' | 'prices' | 'currency' | 'when'>): string {
	const { perLitre, all, made } = told;
	if (!(all.value > 0)) return `No hours are told ${when}: what the work costs can’t be said yet`;
	if (!perLitre) return `${sayMinutes(all)} of work ${when}, and no char came of it`;
	const cash = perLitre.cash >= 0.005 ? ` and ${money(perLitre.cash, currency)}` : '';
	const cost = `A litre of char cost ${sayMinutes(perLitre.minutes)}${cash} ${when}`;
	if (prices.char === undefined) return `${cost}; what it is to buy nobody has said`;
	const spared = prices.char * made.char_l;
	return `${cost}; bought it is ${money(prices.char, currency)}, ${moneyAbout(spared, currency)} for all ${Math.round(made.char_l)} L`;
}
