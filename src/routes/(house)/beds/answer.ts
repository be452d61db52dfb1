import {
	charShareLimits,
	roomUnder,
	type Ground,
	type Want,
	type WantReason
} from '$lib/core/beds';
import type { System } from '$lib/core/units';
import { say, sayOfSoil } from '$lib/format/figure';
import { figured, said, slipped, type Sentence } from '$lib/format/sentence';
import { capital, list, reasonWords } from '$lib/format/words';

export interface BedFacts {
	readonly name: string;
	readonly char_l: number;
	readonly share: number;
	readonly ground: Ground;
	readonly want: Want;
	readonly reasons: readonly WantReason[];
}

/** Which bed wants char, and how much room has it? `first` is the one that wants it most. */
export function bedsAnswer(
	first: BedFacts | undefined,
	system: System | undefined
): Sentence | string {
	if (!first) return 'Measure a bed: length and width are enough to dose by';
	if (first.want === 'none' || first.want === 'little')
		return `No bed is short of char; ${first.name} has most use for it`;
	const room = roomUnder(charShareLimits.target, first.char_l, first.ground);
	const more = slipped(say(room, 'L', system), 'Room to the target');
	const target = figured(`${charShareLimits.target * 100} %`, 'rule', 'soil', 'target');
	return said`${first.name} wants char most: ${more} before it holds ${target}`;
}

export const whyWanted = (bed: BedFacts): Sentence => {
	const holds = sayOfSoil(bed.share);
	const why = capital(list(bed.reasons.map((reason) => reasonWords[reason])));
	return said`${why}; it holds ${slipped(holds, `${bed.name} holds`)} now`;
};
