import { days } from '../time';

/** Something that was put on a target near a moment, by what of it later acts are judged by; grams on all of it. */
export interface Given {
	readonly code: string;
	readonly at_ms: number;
	/** Dry ash. */
	readonly ash_g: number;
	/** Ground limestone: no ash counts for it, and none of the cap. */
	readonly stone_g: number;
	readonly nitrogen_g: number;
	readonly mineralN_g: number;
	/** It is, or was made with, manure of animals. */
	readonly isManure: boolean;
	/** Its nitrogen goes off as ammonia where lime meets it. */
	readonly givesOff: boolean;
	/** A liquid: most of its nitrogen is there at once. */
	readonly isLiquid: boolean;
}

/** What stands near a moment: of what would meet now, the nearest in time. */
export interface Near {
	readonly code: string;
	readonly at_ms: number;
}

/** What a square metre has in any twelve months that hold a moment, and what lies within reach of it. */
export interface Around {
	readonly ash_g_m2: number;
	readonly manureN_g_m2: number;
	readonly availableN_g_m2: number;
	readonly nitrogen?: Near;
	/** Ash, or ground limestone. */
	readonly lime?: Near;
}

/** Days between ash and nitrogen, whichever came first. Source: gates for wood ash. */
export const apart_days = 14;

/** As far back and ahead as anything is judged by. */
export const year_ms = days(365);

/**
 * Of the nitrogen put on, what a first year is likely to find: the mineral part, of liquids and teas most.
 * Source: first-year shares, liquors and teas 0.7–1.0 of the total.
 */
export const availableOf = ({
	nitrogen_g,
	mineralN_g,
	isLiquid
}: Pick<Given, 'nitrogen_g' | 'mineralN_g' | 'isLiquid'>): number =>
	isLiquid ? Math.max(mineralN_g, 0.85 * nitrogen_g) : mineralN_g;

/** Nitrogen that ash would drive off. */
export const meetsAsh = ({
	mineralN_g,
	givesOff
}: Pick<Given, 'mineralN_g' | 'givesOff'>): boolean => givesOff && mineralN_g > 0;

/** What stands around a moment, by all that went on within a year of it, before and after. */
export function around(given: readonly Given[], at_ms: number, area_m2: number): Around {
	const near = given.filter((one) => Math.abs(one.at_ms - at_ms) < days(apart_days));
	const nearest = (those: readonly Given[]): Near | undefined => {
		const [first] = [...those].sort(
			(a, b) => Math.abs(a.at_ms - at_ms) - Math.abs(b.at_ms - at_ms)
		);
		return first && { code: first.code, at_ms: first.at_ms };
	};
	const nitrogen = nearest(near.filter(meetsAsh));
	const lime = nearest(near.filter((one) => isLimeOn(one, area_m2)));
	const most = (gramsOf: (one: Given) => number) => inWorstYear(given, at_ms, gramsOf) / area_m2;
	return {
		ash_g_m2: most(({ ash_g }) => ash_g),
		manureN_g_m2: most(({ isManure, nitrogen_g }) => (isManure ? nitrogen_g : 0)),
		availableN_g_m2: most(availableOf),
		...(nitrogen ? { nitrogen } : {}),
		...(lime ? { lime } : {})
	};
}

/** As much ash or stone as drives nitrogen off: what char brings along as a trace does not. Working assumption. */
const leastLime_g_m2 = 5;
const isLimeOn = ({ ash_g, stone_g }: Given, area_m2: number) =>
	(ash_g + stone_g) / area_m2 >= leastLime_g_m2;

/** The most in any twelve months that hold the moment: what was written down late counts with what came after. */
function inWorstYear(
	given: readonly Given[],
	at_ms: number,
	gramsOf: (one: Given) => number
): number {
	const starts = [
		at_ms,
		...given.flatMap((one) =>
			one.at_ms <= at_ms && one.at_ms > at_ms - year_ms ? [one.at_ms] : []
		)
	];
	const sums = starts.map((from_ms) =>
		given
			.filter((one) => one.at_ms >= from_ms && one.at_ms < from_ms + year_ms)
			.reduce((sum, one) => sum + gramsOf(one), 0)
	);
	return Math.max(...sums);
}
