import { plain } from './figure';

/** Making one takes longer than a page of amounts: each is made once. */
const formats = new Map<string, Intl.NumberFormat>();
function formatOf(currency: string, places?: number): Intl.NumberFormat {
	const key = `${currency} ${places}`;
	const known = formats.get(key);
	if (known) return known;
	const made = new Intl.NumberFormat('en-GB', {
		...{ style: 'currency', currency },
		...(places === undefined ? {} : { maximumFractionDigits: places })
	});
	formats.set(key, made);
	return made;
}

/** What something comes to that nobody counted out: to the third figure, and to the whole from twenty on. */
export const moneyAbout = (amount: number, currency: string | undefined): string => {
	if (Math.abs(amount) < 20) return money(amount, currency);
	const rounded = Number(amount.toPrecision(3));
	return currency === undefined ? plain(rounded, 0) : formatOf(currency, 0).format(rounded);
};

/** What was paid, in the currency of the place where that was said. */
export const money = (paid: number, currency: string | undefined): string =>
	currency === undefined
		? Number.isInteger(paid)
			? plain(paid, 0)
			: paid.toFixed(2)
		: formatOf(currency).format(paid);
