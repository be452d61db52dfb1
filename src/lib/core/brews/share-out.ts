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
	/** Brew into each whole can, L; the rest is water. */
	readonly brewInEach: Litres;
}

/** Cans of one size that carry it. */
export function fillsOf({ total, brew }: Diluted, can: Litres): Fills {
	const whole = Math.floor(total / can + 1e-9);
	return {
		whole,
		last: Math.max(0, total / can - whole),
		brewInEach: litres(total > 0 ? (can * brew) / total : 0)
	};
}
