import { litres, litresPerM2, type Litres, type LitresPerM2 } from '../units';
import { suggestRate, weighDose, type CharSoFar, type DoseLot, type Weighed } from './dose';
import type { Ground } from './room';

/** A bed in a round of spreading. */
export interface RoundBed extends CharSoFar {
	readonly ground: Ground;
}

export interface RoundStop<B extends RoundBed> {
	readonly bed: B;
	readonly dose: Weighed;
	/** Litres of the lot before and after this bed, in the order of the round. */
	readonly before: Litres;
	readonly after: Litres;
}

/**
 * One lot carried over several beds in their order, with its running balance. A stop that the lot
 * can't serve any more carries `stock` among its limits; the balance stops at nought.
 */
export function carryRound<B extends RoundBed>(
	stops: readonly { readonly bed: B; readonly rate: LitresPerM2 }[],
	lot: DoseLot
): readonly RoundStop<B>[] {
	let left: number = lot.litresLeft;
	return stops.map(({ bed, rate }) => {
		const before = litres(left);
		const dose = weighDose(rate, bed.ground, bed, { ...lot, litresLeft: before });
		left = Math.max(0, left - dose.mix_l);
		return { bed, dose, before, after: litres(left) };
	});
}

/** How generous a round is: up to the first dose or target of each bed, or a thin coat of so much. */
export type RoundWish = 'to-the-target' | { readonly thin: LitresPerM2 };

/** L/m²: less than this is not worth the walk, nor can it be spread evenly. */
const leastWorthIt = 0.5;

/**
 * Rates for a round, in the order in which the beds are given, until the lot is used up. A bed
 * without room, or reached when nothing is left, gets none.
 */
export function suggestRound(
	beds: readonly RoundBed[],
	lot: DoseLot,
	wish: RoundWish
): readonly LitresPerM2[] {
	let charLeft = lot.litresLeft * lot.charShare.value;
	return beds.map((bed) => {
		const most = suggestRate(bed.ground, bed, charLeft);
		const wished = wish === 'to-the-target' ? most : Math.min(most, wish.thin);
		const rate = wished < leastWorthIt ? 0 : wished;
		charLeft = Math.max(0, charLeft - rate * bed.ground.area);
		return litresPerM2(rate);
	});
}
