import { taken, takenBy, type Taken, type TakeClass } from '../crops';
import { kgOf, type Contents } from '../ledger';
import { elementOfOxide, type MaterialId } from '../materials';
import type { Estimate } from '../units';
import { firstYear, firstYearOfBrew, type FirstYear } from './data/first-year';

/** Something that went on a bed, by what it is. */
export interface PutOn {
	/** Local day, YYYY-MM-DD. */
	readonly day: string;
	readonly name: string;
	readonly contents: Contents;
	readonly material?: MaterialId | undefined;
	/** It is a brew: most of its nitrogen is there at once. */
	readonly isBrew: boolean;
	/** It is, or was made with, manure of animals. */
	readonly isManure: boolean;
}

/** Something that came off it. */
export interface TakenOff {
	readonly day: string;
	readonly name: string;
	/** None of what is in no table: its weight is told, and nothing reckoned from it. */
	readonly takes?: TakeClass | undefined;
	readonly kg: Estimate;
}

/** A figure with its range. */
export interface Ranged {
	readonly value: number;
	readonly low: number;
	readonly high: number;
}

/** What a bed had and gave in a season, on all of it; grams, but char in kilograms and harvests in kilograms. */
export interface SeasonAccount {
	/** The year; "ever" for all of them. */
	readonly season: string;
	readonly char_kg: number;
	readonly ash_g: number;
	/** As calcium carbonate. */
	readonly lime_g: number;
	readonly nitrogen_g: number;
	/** Likely there for a crop within the year. */
	readonly available_g: Ranged;
	readonly manureN_g: number;
	readonly p2o5_g: number;
	readonly k2o_g: number;
	readonly harvest_kg: Ranged;
	readonly taken: Readonly<Record<Taken, Ranged>>;
}

/** Of the nitrogen of something, the share that is likely there within a year. */
export function firstYearShare({ contents, material, isBrew }: PutOn): FirstYear {
	const listed = isBrew ? firstYearOfBrew : material && firstYear[material];
	if (listed) return listed;
	const all = kgOf(contents, 'nitrogen');
	const mineral = all > 0 ? Math.min(1, kgOf(contents, 'mineral-nitrogen') / all) : 0;
	return [mineral, mineral];
}

/** Doubts of one kind go together within a season: a class is as wrong as it is. Ends are summed. */
const plus = (a: Ranged, b: Ranged): Ranged => ({
	value: a.value + b.value,
	low: a.low + b.low,
	high: a.high + b.high
});
const none: Ranged = Object.freeze({ value: 0, low: 0, high: 0 });
const grams = (contents: Contents, of: Parameters<typeof kgOf>[1]) => kgOf(contents, of) * 1000;

/** What a bed had and gave, summed. @param season its name */
function sumOf(season: string, put: readonly PutOn[], off: readonly TakenOff[]): SeasonAccount {
	const all = (of: (one: PutOn) => number) => put.reduce((sum, one) => sum + of(one), 0);
	const available = put.map((one): Ranged => {
		const total = grams(one.contents, 'nitrogen');
		const [low, high] = firstYearShare(one);
		return { value: (total * (low + high)) / 2, low: total * low, high: total * high };
	});
	const takenOf = (what: Taken) =>
		off
			.map(({ takes: by, kg }) => (by ? rangedOf(takenBy(by, kg)[what]) : none))
			.reduce(plus, none);
	return {
		season,
		char_kg: all(({ contents }) => kgOf(contents, 'char')),
		ash_g: all(({ contents }) => grams(contents, 'ash')),
		lime_g: all(({ contents }) => grams(contents, 'lime')),
		nitrogen_g: all(({ contents }) => grams(contents, 'nitrogen')),
		available_g: available.reduce(plus, none),
		manureN_g: all(({ contents, isManure }) => (isManure ? grams(contents, 'nitrogen') : 0)),
		p2o5_g: all(({ contents }) => grams(contents, 'phosphorus')) / elementOfOxide.phosphorus,
		k2o_g: all(({ contents }) => grams(contents, 'potassium')) / elementOfOxide.potassium,
		harvest_kg: off.map(({ kg }) => rangedOf(kg)).reduce(plus, none),
		taken: Object.fromEntries(taken.map((what) => [what, takenOf(what)])) as Record<Taken, Ranged>
	};
}

const rangedOf = ({ value, low, high }: Estimate): Ranged => ({ value, low, high });

/**
 * The accounts of a bed: what it had and gave by season, the newest first, and for ever.
 * A season is a year of the calendar where it lies.
 */
export function accountsOf(
	put: readonly PutOn[],
	off: readonly TakenOff[]
): { readonly seasons: readonly SeasonAccount[]; readonly ever: SeasonAccount } {
	const yearOf = ({ day }: { readonly day: string }) => day.slice(0, 4);
	const years = [...new Set([...put, ...off].map(yearOf))].sort().reverse();
	const seasons = years.map((year) =>
		sumOf(
			year,
			put.filter((one) => yearOf(one) === year),
			off.filter((one) => yearOf(one) === year)
		)
	);
	return { seasons, ever: sumOf('ever', put, off) };
}

/** An oxide as its element, or the other way: `a : b` of P₂O₅ and K₂O. */
export const asElement = (oxide: 'p2o5' | 'k2o', grams: number): number =>
	grams * (oxide === 'p2o5' ? elementOfOxide.phosphorus : elementOfOxide.potassium);
