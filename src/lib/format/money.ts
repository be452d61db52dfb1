import { plain } from './figure';

/** What was paid, in the currency of the place where that was said. */
export const money = (paid: number, currency: string | undefined): string =>
	currency === undefined
		? plain(paid, 2)
		: new Intl.NumberFormat('en-GB', { style: 'currency', currency }).format(paid);
