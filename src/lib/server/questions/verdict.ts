import { verdictOf, type AshAtHand, type BedVerdict } from '../../core/applying';
import { cropNamed, type Growing } from '../../core/crops';
import { kgOf } from '../../core/ledger';
import {
	meanOf,
	ownBuffer,
	readAgain,
	riseRead,
	type LimedSeason,
	type PhMean,
	type PhMethod,
	type PhReading
} from '../../core/liming';
import { elementOfOxide, materialOf } from '../../core/materials';
import { days } from '../../core/time';
import { known, type Leaf } from '../../core/units';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import type { StockLot } from '../db/stock';
import { refusedLots, toPut } from './applying';
import { heldLots } from './held';
import { goodsInStock, lotsInStock } from './in-stock';
import { bedById, bedsBound } from './kept-beds';
import { keepingOfThings, rememberingAlways, rememberingEach } from './remember';
import { ownCrops, standsOn } from './stands';
import { givenAround, type ToTreat } from './targets';

/** A pH as it was read of a bed, with how and when. */
export interface ReadPh extends PhReading {
	readonly mean: PhMean;
	readonly actId: string;
	readonly person: string;
	/** From how deep it was taken, where that was said. */
	readonly depth_m?: number;
}

const year_ms = days(365);
/** From so long after lime went on a reading tells what it did. */
const settled_ms = days(readAgain.from_days);

/** Every reading of a bed, or of what it is a part of where it has none, newest first. */
export function phOf(books: Books, bed: Pick<Bed, 'id' | 'within'>): readonly ReadPh[] {
	const own = readingsOf(books, bed.id);
	return own.length > 0 || !bed.within ? own : readingsOf(books, bed.within.bedId);
}

const readIn = (books: Books, id: number): readonly ReadPh[] =>
	books.findings.of(id, 'ph').flatMap(({ found, way, at_ms, actId, person }) => {
		if (found.ph === null) return [];
		const reading: PhReading = {
			places: found.places ?? [found.ph],
			method: (way || 'grower') as PhMethod,
			in: found.in ?? 'water',
			at_ms
		};
		const depth = found.depth_m === undefined ? {} : { depth_m: found.depth_m };
		return [{ ...reading, mean: meanOf(reading), actId, person, ...depth }];
	});

/** Kept until an act is about the bed or what it is bound to. */
const read = keepingOfThings<readonly ReadPh[]>(
	(books, ids) => new Map(ids.map((id) => [id, readIn(books, id)])),
	bedsBound
);
const readingsOf = (books: Books, id: number): readonly ReadPh[] => read(books, [id])[0] ?? [];

/** All the lime that a bed ever had, in whatever it came: when, and grams on all of it. */
const limed = keepingOfThings<readonly { readonly at_ms: number; readonly grams: number }[]>(
	(books, ids) =>
		new Map(
			ids.map((id) => {
				const bed = bedById(books, id);
				const given = bed ? givenAround(books, bed, 0, Number.MAX_SAFE_INTEGER) : [];
				const limes = given.flatMap(({ contents, at_ms }) => {
					const grams = kgOf(contents, 'lime') * 1000;
					return grams > 0 ? [{ at_ms, grams }] : [];
				});
				return [id, limes];
			})
		),
	bedsBound
);

/** What grows and what comes next, each with its row of the table. */
export function growingOn(
	books: Books,
	{ crops }: Pick<Bed, 'crops'>
): {
	readonly now: readonly Growing[];
	readonly next: readonly Growing[];
} {
	const of = (when: 'now' | 'next') =>
		crops
			.filter((crop) => crop.when === when && crop.name !== '')
			.map(({ name, share }): Growing => ({ name, share, row: cropNamed(name, ownCrops(books)) }));
	return { now: of('now'), next: of('next') };
}

/** Lime that went on a bed, in whatever it came: when, and how much on a square metre. */
export const limesOn = (
	books: Books,
	bed: ToTreat,
	to_ms: number
): readonly { readonly at_ms: number; readonly lime: number }[] =>
	(limed(books, [bed.id])[0] ?? []).flatMap(({ at_ms, grams }) =>
		at_ms <= to_ms ? [{ at_ms, lime: grams / bed.ground.area }] : []
	);

/** Readings, newest first; of one soon after lime went on that it tells of the wet surface. */
export function readOn(
	books: Books,
	bed: ToTreat,
	at_ms: number
): readonly (ReadPh & { readonly isSoon: boolean })[] {
	const limes = limesOn(books, bed, at_ms).filter(({ lime }) => lime >= readAgain.least_g_m2 / 3);
	const soon_ms = days(readAgain.settles_days);
	return phOf(books, bed).map((one) => ({
		...one,
		isSoon: limes.some((lime) => one.at_ms >= lime.at_ms && one.at_ms < lime.at_ms + soon_ms)
	}));
}

/**
 * What each season told of the bed's own buffer: lime that went on between two readings, of which the later was
 * read at least four weeks after the last of it. What was read in between tells of the wet surface, and is passed over.
 */
export function limedSeasons(
	books: Books,
	bed: ToTreat,
	at_ms = Number.MAX_SAFE_INTEGER
): readonly LimedSeason[] {
	const limes = limesOn(books, bed, at_ms);
	const read = phOf(books, bed)
		.filter((one) => one.at_ms <= at_ms)
		.sort((a, b) => a.at_ms - b.at_ms);
	const seasons: LimedSeason[] = [];
	let before = read[0];
	for (const after of read.slice(1)) {
		const from = before?.at_ms ?? 0;
		const between = limes.filter((one) => one.at_ms >= from && one.at_ms < after.at_ms);
		const last = Math.max(0, ...between.map((one) => one.at_ms));
		if (between.length > 0 && after.at_ms - last < settled_ms) continue;
		const lime = between.reduce((sum, one) => sum + one.lime, 0);
		if (before && lime > 0) seasons.push({ lime, ...riseRead(before, after) });
		before = after;
	}
	return seasons;
}

/** Ash in stock with what stands against it as a whole, the most of it first. */
export const ashInStock = rememberingAlways(
	(books: Books): readonly (StockLot & { readonly barred: string | undefined })[] => {
		const held = heldLots(books);
		const refused = refusedLots(books);
		return goodsInStock(books)
			.filter(({ material }) => materialOf(material).sort === 'ash')
			.map((ash) => ({ ...ash, barred: held.get(ash.lotId) ?? refused.get(ash.lotId) }))
			.sort((a, b) => b.volume_ul - a.volume_ul);
	}
);

/** That which may go on a bed. */
export const ashAtHand = rememberingAlways((books: Books): readonly StockLot[] =>
	ashInStock(books).filter(({ barred }) => barred === undefined)
);

/** A lot of ash by what a gram of it does. */
export function asAtHand(books: Books, ash: StockLot, at_ms: number): AshAtHand | undefined {
	const lot = lotsInStock(books).get(ash.lotId);
	const put = lot && toPut(books, lot, at_ms);
	const { lime, potassium } = ash.composition;
	const oxide = (element: number) => element / 1000 / elementOfOxide.potassium;
	if (!put) return undefined;
	return {
		thing: put.thing,
		lime: { value: lime.value, low: lime.low, high: lime.high },
		k2o: {
			value: oxide(potassium.value),
			low: oxide(potassium.low),
			high: oxide(potassium.high)
		}
	};
}

/** Lime in the ground limestone that is in stock, as its lot says. */
function stoneAtHand(books: Books): Leaf | undefined {
	const { code, composition } = stoneInStock(books) ?? {};
	if (!composition || !(composition.lime.low > 0)) return undefined;
	const { origin, source, ...range } = composition.lime;
	return known(`lime in ${code}`, range, 'share', origin, source);
}

/** That which would go on first. */
export const stoneInStock = (books: Books): StockLot | undefined =>
	goodsInStock(books).find(({ material }) => material === 'ground-limestone');

export interface VerdictOn extends BedVerdict {
	readonly ph: ReadPh | undefined;
	/** It was read within a year. */
	readonly isFresh: boolean;
	readonly seasons: readonly LimedSeason[];
	readonly own: ReturnType<typeof ownBuffer>;
}

/** Char, ash, both or neither on a bed at a moment, by the ash that is at hand. */
export const verdictOn = rememberingEach(
	(
		books: Books,
		{ bed, ash }: { readonly bed: ToTreat; readonly ash: StockLot | undefined },
		at_ms: number
	): VerdictOn => {
		const ph = readOn(books, bed, at_ms).find((one) => one.at_ms <= at_ms && !one.isSoon);
		const isFresh = ph !== undefined && ph.at_ms > at_ms - year_ms;
		const seasons = limedSeasons(books, bed, at_ms);
		const soil = { texture: bed.texture, humus: bed.humus, depth: bed.ground.depth };
		const own = ownBuffer(soil, seasons);
		const verdict = verdictOf({
			bed,
			soil: { ...soil, own },
			target: standsOn(books, bed, at_ms),
			ph: isFresh ? ph.mean : undefined,
			...growingOn(books, bed),
			ash: ash && asAtHand(books, ash, at_ms),
			stone: stoneAtHand(books),
			at_ms
		});
		return { ...verdict, ph, isFresh, seasons, own };
	},
	({ bed, ash }) => `${bed.id} ${ash?.code ?? ''}`
);

/** In short: whether ash is wanted and how much of which, what stands first against it, what grows and comes next. */
export function mayHave(books: Books, bed: ToTreat, at_ms: number) {
	const [ash] = ashAtHand(books);
	const { says, gates, dose } = verdictOn(books, { bed, ash }, at_ms);
	const { now, next } = growingOn(books, bed);
	const named = (crops: readonly Growing[]) => crops.map(({ name, share }) => ({ name, share }));
	return {
		...{ says, gate: gates[0], more: gates.length - 1, now: named(now), next: named(next) },
		grams: (dose?.grams.value ?? 0) * bed.ground.area,
		code: ash?.code
	};
}
