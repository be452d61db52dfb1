/** What one's own stands in for, and by what it is bought. */
export const priceOf = Object.freeze([
	{ id: 'char', per: 'L' },
	{ id: 'compost', per: 'L' },
	{ id: 'lime', per: 'kg' },
	{ id: 'nitrogen', per: 'kg' },
	{ id: 'potash', per: 'kg' },
	{ id: 'hour', per: 'h' }
] as const);
export type PriceId = (typeof priceOf)[number]['id'];
export const priceIds = priceOf.map(({ id }) => id);
export type Prices = Partial<Record<PriceId, number>>;
