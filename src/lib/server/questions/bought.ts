import type { MaterialId } from '../../core/materials';
import { localDay } from '../../core/time';
import { inKilograms, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import { mixPartsOf } from './mixes';
import { rememberingAlways, rememberingEachAlways } from './remember';

/** What a bag was, where a lot was bought. */
export interface Bought {
	readonly bags: number;
	/** Of one, in the money of the place; none where nobody said it. */
	readonly price?: number | undefined;
	readonly at_ms: number;
	/** Of a kilogram as it was bought. */
	readonly perKg?: number | undefined;
}

/** What a lot was bought as; nothing of what is one’s own. */
export const boughtOf = rememberingEachAlways(
	(books: Books, lotId: number): Bought | undefined => {
		const [told] = books.findings.of(lotId, 'bought');
		if (!told) return undefined;
		const { bags, price } = told.found;
		const into = books.ledger.ofLot(lotId).find(({ direction }) => direction === 'in');
		const kg = into ? inKilograms(into.mass_mg) : 0;
		const perKg = price !== undefined && kg > 0 ? (price * bags) / kg : undefined;
		return { bags, price, at_ms: told.at_ms, perKg };
	},
	String,
	['finding']
);

/** Of a kilogram of each, as its newest bag had it. */
export const pricesKnown = rememberingAlways((books): Partial<Record<MaterialId, number>> => {
	const prices: Partial<Record<MaterialId, number>> = {};
	for (const { thingId } of books.findings.everywhere('bought')) {
		const stock = books.stock.maybeOne(books.ledger.lotById(thingId).code);
		const perKg = boughtOf(books, thingId)?.perKg;
		if (stock && perKg !== undefined) prices[stock.material] ??= perKg;
	}
	return prices;
});

export interface BoughtSeason {
	readonly year: number;
	readonly bags: number;
	readonly spent: number;
	/** What own stuff in mixes of that year would have cost, by the newest bag of the same. */
	readonly spared: number;
}

/** What was spent, and what own stuff stood in for, by the calendar year of the place; the newest first. */
export const boughtBySeason = rememberingAlways(
	(books: Books, timeZone: string): readonly BoughtSeason[] => {
		const yearOf = (at_ms: number) => Number(localDay(timeZone, at_ms).slice(0, 4));
		const seasons = new Map<number, { bags: number; spent: number; spared: number }>();
		const of = (at_ms: number) => {
			const year = yearOf(at_ms);
			const known = seasons.get(year) ?? { bags: 0, spent: 0, spared: 0 };
			seasons.set(year, known);
			return known;
		};
		for (const { found, at_ms } of books.findings.everywhere('bought')) {
			const season = of(at_ms);
			season.bags += found.bags;
			season.spent += (found.price ?? 0) * found.bags;
		}
		const prices = pricesKnown(books);
		for (const { thingId, at_ms } of books.findings.everywhere('mixed'))
			for (const part of mixPartsOf(books, thingId)) {
				const stock = books.stock.maybeOne(part.code);
				if (!stock || boughtOf(books, stock.lotId)) continue;
				const perKg = prices[stock.material];
				if (perKg !== undefined) of(at_ms).spared += perKg * part.kg;
			}
		return [...seasons]
			.map(([year, season]) => ({ year, ...season }))
			.sort((a, b) => b.year - a.year);
	}
);

/** Litres in one bag of each, as its newest one was. */
export const bagLitres = rememberingAlways((books): Partial<Record<MaterialId, number>> => {
	const litres: Partial<Record<MaterialId, number>> = {};
	for (const { thingId, found } of books.findings.everywhere('bought')) {
		const stock = books.stock.maybeOne(books.ledger.lotById(thingId).code);
		const into = books.ledger.ofLot(thingId).find(({ direction }) => direction === 'in');
		if (stock && into) litres[stock.material] ??= inLitres(into.volume_ul) / found.bags;
	}
	return litres;
});
