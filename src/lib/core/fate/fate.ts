import { days } from '../time';
import { fateWays, type FateWay, type Kit, type PileStuff, type PileUse } from './data/ways';

/** A pile, and what one wants of it. */
export interface Pile {
	readonly stuff: PileStuff;
	readonly litres: number;
	readonly use: PileUse;
	readonly now_ms: number;
	/** When it is wanted; none: whenever. */
	readonly wanted_ms?: number | undefined;
	readonly kit: ReadonlySet<Kit>;
	/** Hours one has for it. */
	readonly hours?: number | undefined;
	/** To the nearest neighbour, m. */
	readonly neighbour_m?: number | undefined;
	/** No bed is left that would take it as mulch: they have theirs, or bear what it may pass an ill on to. */
	readonly isMulched: boolean;
	/** From a crop that was ill, or sprayed with what nobody knows. */
	readonly isSuspect: boolean;
}

export type Lack =
	| 'stuff'
	| 'use'
	| 'late'
	| 'early'
	| 'kit'
	| 'little'
	| 'much'
	| 'smell'
	| 'hours'
	| 'mulched'
	| 'suspect';

/** A row of what speaks against a way. */
interface Against {
	readonly is: Lack;
	/** It turns the way down; else it is only told beside it. */
	readonly isFinal: boolean;
	readonly when: (way: FateWay, pile: Pile) => boolean;
}

/** A smell of 2 is noticed so near, one of 3 so far. A judgement. */
const reach_m = Object.freeze({ 2: 8, 3: 25 });
const ready = (way: FateWay, { now_ms }: Pile, end: 0 | 1) => now_ms + days(way.ready_days[end]);

/** In the order in which one would say it. */
const against: readonly Against[] = Object.freeze([
	{ is: 'stuff', isFinal: true, when: ({ takes }, { stuff }) => !takes.includes(stuff) },
	{ is: 'use', isFinal: true, when: ({ gives }, { use }) => !gives.includes(use) },
	{
		is: 'late',
		isFinal: true,
		when: (way, pile) => pile.wanted_ms !== undefined && ready(way, pile, 0) > pile.wanted_ms
	},
	{
		is: 'early',
		isFinal: true,
		when: (way, pile) =>
			pile.wanted_ms !== undefined &&
			way.waits_days !== undefined &&
			ready(way, pile, 1) + days(way.waits_days) < pile.wanted_ms
	},
	{ is: 'suspect', isFinal: true, when: ({ isHot }, { isSuspect }) => isSuspect && !isHot },
	{
		is: 'mulched',
		isFinal: true,
		when: ({ id }, { isMulched }) => isMulched && id.endsWith('mulch')
	},
	{
		is: 'smell',
		isFinal: true,
		when: ({ smell }, { neighbour_m }) =>
			neighbour_m !== undefined && smell >= 2 && neighbour_m < reach_m[smell as 2 | 3]
	},
	{ is: 'little', isFinal: true, when: ({ least_l = 0 }, { litres }) => litres < least_l },
	{ is: 'kit', isFinal: false, when: ({ needs }, { kit }) => needs.some((one) => !kit.has(one)) },
	{ is: 'much', isFinal: false, when: ({ most_l = Infinity }, { litres }) => litres > most_l },
	{
		is: 'hours',
		isFinal: false,
		when: (way, { hours, litres }) => hours !== undefined && workOf(way, litres) > hours
	}
]);

/** Hours that so many litres take. */
export const workOf = ({ hours }: FateWay, litres: number): number => (hours * litres) / 100;

export interface Fate {
	readonly way: FateWay;
	/** What turns it down, the first that does; none: it may go that way. */
	readonly no: Lack | undefined;
	/** What it still lacks. */
	readonly lacks: readonly Lack[];
	/** Kit of it that is not at hand. */
	readonly kit: readonly Kit[];
	readonly ready_ms: readonly [low: number, high: number];
	readonly hours: number;
	readonly gives_l: readonly [low: number, high: number];
	/** As much as it takes of the pile. */
	readonly takes_l: number;
}

/** Every way there is, those that fit first: by what they lack, then by how surely they are ready, then by work. */
export function fatesOf(pile: Pile): readonly Fate[] {
	return fateWays
		.map((way): Fate => {
			const found = against.filter(({ when }) => when(way, pile));
			const takes_l = Math.min(pile.litres, way.most_l ?? Infinity);
			return {
				way,
				no: found.find(({ isFinal }) => isFinal)?.is,
				lacks: found.filter(({ isFinal }) => !isFinal).map(({ is }) => is),
				kit: way.needs.filter((one) => !pile.kit.has(one)),
				ready_ms: [ready(way, pile, 0), ready(way, pile, 1)],
				hours: workOf(way, takes_l),
				gives_l: [takes_l * way.left[0], takes_l * way.left[1]],
				takes_l
			};
		})
		.sort((a, b) => rank(a, pile) - rank(b, pile));
}

function rank({ no, lacks, ready_ms, hours }: Fate, { wanted_ms }: Pile): number {
	const isUnsure = wanted_ms !== undefined && ready_ms[1] > wanted_ms;
	return (
		(no === undefined ? 0 : 1e6) +
		lacks.length * 1e4 +
		(isUnsure ? 1e3 : 0) +
		Math.min(900, hours * 10)
	);
}

/** What of a pile is placed, and what of it still lies there, L. */
export function placed(
	litres: number,
	parts: readonly number[]
): { readonly placed_l: number; readonly left_l: number; readonly over_l: number } {
	const placed_l = parts.reduce((sum, one) => sum + one, 0);
	return {
		placed_l,
		left_l: Math.max(0, litres - placed_l),
		over_l: Math.max(0, placed_l - litres)
	};
}

/** Parts of a pile in the order in which they are wanted: what has a day before what has none. */
export const inNeedOrder = <T extends { readonly wanted_ms?: number | undefined }>(
	parts: readonly T[]
): readonly T[] =>
	parts.toSorted((a, b) => (a.wanted_ms ?? Infinity) - (b.wanted_ms ?? Infinity) || 0);

/** The way a part goes: the one that was chosen, or the first that fits. */
export const wayOfPart = (fates: readonly Fate[], chosen: string): Fate | undefined =>
	fates.find(({ way, no }) => (chosen === '' ? no === undefined : way.id === chosen));

/** A bed as far as mulch goes. */
export interface MulchBed {
	readonly name: string;
	readonly isCovered: boolean;
	readonly families: readonly string[];
}

/** Beds that take mulch of a crop: without a cover, and none with kin of it, to which its ills pass on. */
export const bedsToMulch = (beds: readonly MulchBed[], family?: string): readonly MulchBed[] =>
	beds.filter(({ isCovered, families }) => !isCovered && !(family && families.includes(family)));
