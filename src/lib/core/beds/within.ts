import { litres, type Litres, type Metres } from '../units';
import { soilVolume, type Ground } from './room';

/**
 * Where a part lies in its whole: a rectangle from its nearest corner, so many pots after so many, or so many
 * pieces that a trial drew all over it.
 */
export type PlaceWithin =
	| {
			readonly along: Metres;
			readonly across: Metres;
			readonly length: Metres;
			readonly width: Metres;
	  }
	| { readonly piecesBefore: number; readonly pieces: number }
	| { readonly scattered: number };

/** The whole that parts are marked out in: two sides, or so many pieces. */
export interface WholeSize {
	readonly length: Metres;
	readonly width: Metres;
	readonly pieces: number;
}

/** A hand's breadth of string: measures of one bed are no more exact than that. */
const slack_m = 0.005;

const runsInto = (from: number, size: number, otherFrom: number, otherSize: number, slack = 0) =>
	from + slack < otherFrom + otherSize && otherFrom + slack < from + size;

/**
 * Whether two parts of one whole cover some of the same soil; edges may touch.
 * What is scattered lies all over it, and meets whatever is not of its trial.
 * @example overlap({ piecesBefore: 0, pieces: 6 }, { piecesBefore: 6, pieces: 6 }) // false
 */
export function overlap(a: PlaceWithin, b: PlaceWithin): boolean {
	// Arms of a trial share its ground out among them, and leave none of it to others.
	if ('scattered' in a || 'scattered' in b) return !('scattered' in a && 'scattered' in b);
	if ('pieces' in a && 'pieces' in b)
		return runsInto(a.piecesBefore, a.pieces, b.piecesBefore, b.pieces);
	if ('pieces' in a || 'pieces' in b) return false;
	return (
		runsInto(a.along, a.length, b.along, b.length, slack_m) &&
		runsInto(a.across, a.width, b.across, b.width, slack_m)
	);
}

/** Whether a part lies wholly inside its whole. */
export function liesWithin(part: PlaceWithin, whole: WholeSize): boolean {
	if ('scattered' in part) return true;
	if ('pieces' in part) return part.piecesBefore + part.pieces <= whole.pieces;
	return (
		part.along + part.length <= whole.length + slack_m &&
		part.across + part.width <= whole.width + slack_m
	);
}

/** Local days, YYYY-MM-DD; without a last it goes on. */
export interface Span {
	readonly firstDay: string | null;
	readonly lastDay: string | null;
}

/** Whether a span of days holds on one. */
export const holdsOn = ({ firstDay, lastDay }: Span, day: string): boolean =>
	(firstDay ?? '') <= day && (lastDay === null || day <= lastDay);

/** A part and the days on which it is left untreated. */
export interface PartSoil {
	readonly id: number;
	readonly soil: Litres;
	readonly untreated: readonly Span[];
}

export const isUntreated = ({ untreated }: Pick<PartSoil, 'untreated'>, day: string): boolean =>
	untreated.some((span) => holdsOn(span, day));

/**
 * The soil of a whole that what is put on it reaches on a day: all but the parts that are left untreated then,
 * over which one passes. Never below nought.
 */
export function treatedSoil(whole: Ground, parts: readonly PartSoil[], day: string): Litres {
	const passed = parts
		.filter((part) => isUntreated(part, day))
		.reduce((sum, { soil }) => sum + soil, 0);
	return litres(Math.max(0, soilVolume(whole) - passed));
}

/**
 * The ground of a whole on a day without the parts that are left untreated: what a dose by area or by share of
 * soil is reckoned for.
 */
export function treatedGround(whole: Ground, parts: readonly PartSoil[], day: string): Ground {
	const share = treatedSoil(whole, parts, day) / soilVolume(whole);
	return share === 1 ? whole : { ...whole, area: (whole.area * share) as Ground['area'] };
}

/**
 * The share of what was put on a whole on a day that fell to one of its parts: by soil, and none while that part
 * was left untreated.
 * @param part one of `parts`
 * @returns 0 … 1
 */
export function shareOfWhole(
	part: PartSoil,
	whole: Ground,
	parts: readonly PartSoil[],
	day: string
): number {
	if (isUntreated(part, day)) return 0;
	const treated = treatedSoil(whole, parts, day);
	return treated > 0 ? Math.min(1, part.soil / treated) : 0;
}
