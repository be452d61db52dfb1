import { hours } from '../time';

/** Something that stood in a vessel, or is to: from a moment until another, or still. */
export interface Stay {
	readonly of: string;
	readonly from_ms: number;
	/** Undefined while it is still there. */
	readonly to_ms?: number;
}

/**
 * From the match to the quench a load takes an hour at the least: nobody burns two in less. Source:
 * practice of flame-cap kilns and trenches, and of a drum burnt from the top.
 */
export const shortestBurn_ms = hours(1);

/** Char may be heaped a little above the rim; litres beyond that were measured wrong, or of two loads. */
export const heapedAbove = 1.1;

/** The stay of a fire whose match nobody wrote down, by the shortest time it can have taken. */
export const stayOfFire = (of: string, quenched_ms: number): Stay => ({
	of,
	from_ms: quenched_ms - shortestBurn_ms,
	to_ms: quenched_ms
});

/** A burn that is planned to be lit at a moment. */
export const stayOfPlan = (of: string, lit_ms: number): Stay => ({
	of,
	from_ms: lit_ms,
	to_ms: lit_ms + shortestBurn_ms
});

/** The stay that two of one vessel would share; undefined where the vessel is free. */
export function clash(stays: readonly Stay[], wanted: Omit<Stay, 'of'>): Stay | undefined {
	return stays.find(
		({ from_ms, to_ms = Infinity }) =>
			from_ms < (wanted.to_ms ?? Infinity) && wanted.from_ms < to_ms
	);
}

/**
 * Soaks of one tub, one after the other: each stays until it was drained or used up, at the latest
 * until the next was set going there.
 */
export function inTurn(stays: readonly Stay[]): readonly Stay[] {
	const inOrder = [...stays].sort((a, b) => a.from_ms - b.from_ms);
	return inOrder.map((stay, i) => {
		const ends = [stay.to_ms, inOrder[i + 1]?.from_ms].filter((end) => end !== undefined);
		return ends.length === 0 ? stay : { ...stay, to_ms: Math.min(...ends) };
	});
}
