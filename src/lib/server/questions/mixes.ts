import { kindByCode } from '../../core/kinds';
import type { MixedPart, MixUse } from '../../core/mixes';
import { inKilograms, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import type { StockLot } from '../db/stock';
import { goodsInStock } from './in-stock';
import { rememberingAlways } from './remember';

/** One part of a mix, as it went in. */
export interface MixPartLine {
	readonly code: string;
	readonly name: string;
	readonly litres: number;
	readonly kg: number;
}

/** A mix with what it was made of. */
export interface MixLine extends StockLot {
	readonly use: MixUse;
	readonly parts: readonly MixPartLine[];
	/** Litres as it was mixed. */
	readonly made_l: number;
}

/** What of a lot went into an act, each with its name. */
const tookFrom = (books: Books, actId: string) =>
	books.ledger
		.ofAct(actId)
		.filter(({ direction }) => direction === 'out')
		.flatMap(({ lotId, volume_ul, mass_mg }) =>
			lotId === undefined || lotId === null
				? []
				: [{ lot: books.ledger.lotById(lotId), volume_ul, mass_mg }]
		);

/** How an ash was soaked, where this lot is what came off a soak: with which urine, and its lowest pH. */
export function soakOf(books: Books, lotId: number): MixedPart['soak'] | undefined {
	const { actId } = books.ledger.lotById(lotId);
	const [heap] = tookFrom(books, actId).flatMap(({ lot }) =>
		lot.kind === 'heap' ? (books.heaps.maybeOne(lot.code) ?? []) : []
	);
	if (heap?.start.way !== 'ash-soak') return undefined;
	const read = books.findings.of(heap.lotId, 'ph').flatMap(({ found }) => found.ph ?? []);
	const { urine = 'fresh' } = heap.start;
	return { urine, ...(read.length > 0 ? { ph: Math.min(...read) } : {}) };
}

/** What went into a mix. */
export const mixPartsOf = (books: Books, lotId: number): readonly MixPartLine[] =>
	tookFrom(books, books.ledger.lotById(lotId).actId).map(({ lot, volume_ul, mass_mg }) => ({
		...{ code: lot.code, name: lot.name },
		...{ litres: inLitres(volume_ul), kg: inKilograms(mass_mg) }
	}));

/** A mix by its code; nothing of what is none. */
export function mixOf(books: Books, code: string): MixLine | undefined {
	const stock = books.stock.maybeOne(code);
	const made = stock && books.findings.of(stock.lotId, 'mixed')[0];
	if (!stock || !made) return undefined;
	const lines = books.ledger.ofAct(stock.actId);
	const into = lines.find((line) => line.lotId === stock.lotId && line.direction === 'in');
	return {
		...stock,
		use: made.found.use,
		parts: mixPartsOf(books, stock.lotId),
		made_l: inLitres(into?.volume_ul ?? 0)
	};
}

/** Every mix that anything is left of, the newest first. */
export const mixesInStock = rememberingAlways((books): readonly MixLine[] =>
	goodsInStock(books).flatMap(({ code }) =>
		kindByCode(code)?.id === 'mix' ? (mixOf(books, code) ?? []) : []
	)
);
