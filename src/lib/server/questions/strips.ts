import { holdsOn, isRound, overlap, type PlaceWithin } from '../../core/beds';
import { localDay } from '../../core/time';
import {
	judgePairs,
	stripPlace,
	type MeasureId,
	type PairsJudged,
	type StripPlace
} from '../../core/trials';
import { metres } from '../../core/units';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { allBeds, bedById, bedsInOrder } from './kept-beds';
import { keepingOfThings, rememberingAlways } from './remember';

/** Drawn anew so often where what was drawn lies on another part. */
const tries = 12;

interface StripsOfBed {
	readonly left: readonly {
		readonly at_ms: number;
		readonly part: string;
		readonly lookDay: string;
	}[];
	readonly looked: readonly StripLook[];
}

/** One look at a bed beside its strip. */
export interface StripLook {
	readonly actId: string;
	readonly at_ms: number;
	readonly measure: MeasureId;
	readonly untreated: number;
	readonly treated: number;
}

/** Of each bed its strips, the oldest first, until an act is about it. */
const strips = keepingOfThings<StripsOfBed>(
	(books, ids) =>
		new Map(
			ids.map((id) => [
				id,
				{
					left: books.findings
						.of(id, 'strip-left')
						.map(({ at_ms, found }) => ({ at_ms, ...found }))
						.toReversed(),
					looked: books.findings
						.of(id, 'strip-looked')
						.map(({ actId, at_ms, found }) => ({ actId, at_ms, ...found }))
						.toReversed()
				}
			])
		),
	() => []
);

const none: StripsOfBed = { left: [], looked: [] };
const stripsOn = (books: Books, { id }: Pick<Bed, 'id'>): StripsOfBed =>
	strips(books, [id])[0] ?? none;

/** Where a strip of a bed might be left as it is this season: drawn once a season, on ground that is no other part. */
export function stripOffer(books: Books, bed: Bed, now_ms: number): StripPlace | undefined {
	const { timeZone } = books.settings.current();
	const day = localDay(timeZone, now_ms);
	const year = day.slice(0, 4);
	const isLeft =
		stripsOn(books, bed).left.some(({ at_ms }) => localDay(timeZone, at_ms).startsWith(year)) ||
		bed.parts.some(({ untreated }) => untreated.some((span) => holdsOn(span, day)));
	if (isLeft || bed.within || bed.target === 'path') return undefined;
	const taken = bed.parts.flatMap(({ id }) => bedById(books, id)?.within?.place ?? []);
	const size = isRound(bed.target) ? { pieces: bed.pieces } : { length_m: bed.length_m };
	for (let n = 0; n < tries; n += 1) {
		const drawn = stripPlace(size, (bed.id * 10_000 + Number(year)) * tries + n);
		if (!drawn) return undefined;
		if (!taken.some((place) => overlap(place, placeOfStrip(bed, drawn)))) return drawn;
	}
	return undefined;
}

/** A strip lies across the whole width. */
export const placeOfStrip = (bed: Pick<Bed, 'width_m'>, strip: StripPlace): PlaceWithin =>
	'pieces' in strip
		? strip
		: {
				along: metres(strip.along_m),
				across: metres(0),
				length: metres(strip.length_m),
				width: metres(bed.width_m)
			};

/** Of some beds the first that a strip may be left on; those in most want of char come first. */
export const bedForStrip = (
	books: Books,
	now_ms: number,
	beds: readonly Bed[] = bedsInOrder(books)
): Bed | undefined => beds.find((bed) => stripOffer(books, bed, now_ms) !== undefined);

/** A strip that was left and was not looked at since. */
export interface StripWaits {
	readonly bed: string;
	readonly part: string;
	readonly lookDay: string;
}

export const stripsWaiting = (books: Books): readonly StripWaits[] =>
	allBeds(books).flatMap((bed) => {
		const { left, looked } = stripsOn(books, bed);
		const last = left.at(-1);
		if (!last || looked.some(({ at_ms }) => at_ms >= last.at_ms)) return [];
		return [{ bed: bed.name, part: last.part, lookDay: last.lookDay }];
	});

export interface StripsTold extends PairsJudged {
	readonly looks: readonly (StripLook & { readonly bed: string })[];
}

/** Strips over beds and years as pairs, the oldest first; also of beds that are no more. */
export const stripsOf = rememberingAlways((books): StripsTold => {
	const looks = books.findings.everywhere('strip-looked').flatMap(({ found, thingId, ...row }) => {
		const bed = books.things.byId(thingId);
		return bed ? [{ actId: row.actId, bed: bed.name, at_ms: row.at_ms, ...found }] : [];
	});
	const inOrder = looks.toReversed();
	return { ...judgePairs(inOrder), looks: inOrder };
});
