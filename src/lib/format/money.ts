import { plain } from './figure';

/** What something comes to that nobody counted out: to the third figure, and to the pound from twenty on. */
export const moneyAbout = (amount: number, currency: string | undefined): string => {
	if (Math.abs(amount) < 20) return money(amount, currency);
	const rounded = Number(amount.toPrecision(3));
	return currency === undefined
		? plain(rounded, 0)
		: new Intl.NumberFormat('en-GB', {
				style: 'currency',
				currency,
				maximumFractionDigits: 0
			}).format(rounded);
};

/** What was paid, in the currency of the place where that was said. */
export const money = (paid: number, currency: string | undefined): string =>
	currency === undefined
		? paid.toFixed(2)
		: new Intl.NumberFormat('en-GB', { style: 'currency', currency }).format(paid);
