import { litres, type Litres } from '../units';

/** One part of brew to so many of water. */
export type Dilution = number;

/** A diluted amount in its two parts, L. */
export interface Diluted {
	readonly total: Litres;
	readonly brew: Litres;
	readonly water: Litres;
}

/**
 * So much diluted liquid in its parts.
 * @param parts of water to one of brew; 0 is undiluted
 * @throws RangeError for parts below nought
 * @example dilutedAs(litres(24), 4) // { total: 24, brew: 4.8, water: 19.2 }
 */
export function dilutedAs(total: Litres, parts: Dilution): Diluted {
	if (!(parts >= 0)) throw new RangeError(`dilutedAs: 1 : ${parts} is no dilution`);
	const brew = litres(total / (1 + parts));
	return { total, brew, water: litres(total - brew) };
}

/** How far a brew goes, L diluted. */
export const goesTo = (brew: Litres, parts: Dilution): Litres => litres(brew * (1 + parts));

export interface Fills {
	/** Whole fills, and the last one's share of a can. */
	readonly whole: number;
	readonly last: number;
	/** Brew into each whole can and into the last, L; the rest is water. */
	readonly brewInEach: Litres;
	readonly brewInLast: Litres;
}

/**
 * Cans of one size that carry it: fills × what goes into each is all of it.
 * @throws RangeError for a can that holds nothing
 */
export function fillsOf({ total, brew }: Diluted, can: Litres): Fills {
	if (!(can > 0)) throw new RangeError(`fillsOf: a can of ${can} L`);
	const whole = Math.floor(total / can + 1e-9);
	const last = Math.max(0, total / can - whole);
	const inEach = total > 0 ? (can * brew) / total : 0;
	return {
		whole,
		last,
		brewInEach: litres(inEach),
		brewInLast: litres(inEach * last)
	};
}

/** Who is served first where there is not enough for all. */
export type First = 'as-listed' | 'longest-without' | 'most-needed' | 'all-alike';
export const firsts: readonly First[] = Object.freeze([
	'as-listed',
	'longest-without',
	'most-needed',
	'all-alike'
]);

/** So much of the diluted liquid, wanted somewhere. */
export interface Wanted {
	readonly name: string;
	readonly total: Litres;
	/** When it last had any brew; null where never. */
	readonly last_ms: number | null;
}

export interface Served extends Wanted {
	/** What it gets, diluted, and the brew in that. */
	readonly gets: Diluted;
}

export interface Sharing {
	readonly served: readonly Served[];
	/** What all want, in litres of the brew itself. */
	readonly needs: Litres;
	/** Brew that stays over, and brew that is wanting. */
	readonly left: Litres;
	readonly short: Litres;
}

/**
 * A supply shared among those who want it, in the order given or chosen; nobody gets more than they want, and
 * what is served and left is what there was.
 * @param supply litres of the brew itself
 */
export function serve(
	supply: Litres,
	parts: Dilution,
	wanted: readonly Wanted[],
	first: First
): Sharing {
	const needs = wanted.reduce((sum, { total }) => sum + dilutedAs(total, parts).brew, 0);
	const gets = new Map<string, Litres>();
	let left = supply as number;
	for (const one of inTurn(wanted, first)) {
		const asks = dilutedAs(one.total, parts).brew;
		const share = first === 'all-alike' && needs > supply ? (asks * supply) / needs : asks;
		const brew = Math.max(0, Math.min(share, left));
		left -= brew;
		gets.set(one.name, litres(brew * (1 + parts)));
	}
	return {
		served: wanted.map((one) => ({
			...one,
			gets: dilutedAs(gets.get(one.name) ?? litres(0), parts)
		})),
		needs: litres(needs),
		left: litres(Math.max(0, left)),
		short: litres(Math.max(0, needs - supply))
	};
}

function inTurn(wanted: readonly Wanted[], first: First): readonly Wanted[] {
	if (first === 'longest-without')
		return [...wanted].sort((a, b) => (a.last_ms ?? -Infinity) - (b.last_ms ?? -Infinity));
	if (first === 'most-needed') return [...wanted].sort((a, b) => b.total - a.total);
	return wanted;
}
