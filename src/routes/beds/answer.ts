import {
	charShareLimits,
	roomUnder,
	type Ground,
	type Want,
	type WantReason
} from '$lib/core/beds';
import type { System } from '$lib/core/units';
import { joined, say, show } from '$lib/format/figure';
import { list, reasonWords } from '$lib/format/words';

export interface BedFacts {
	readonly name: string;
	readonly char_l: number;
	readonly share: number;
	readonly ground: Ground;
	readonly want: Want;
	readonly reasons: readonly WantReason[];
}

/** Which bed wants char, and how much room has it? `first` is the one that wants it most. */
export function bedsAnswer(first: BedFacts | undefined, system: System | undefined): string {
	if (!first) return 'Measure a bed: length and width are enough to dose by';
	if (first.want === 'none' || first.want === 'little')
		return `No bed is short of char; ${first.name} has most use for it`;
	const room = roomUnder(charShareLimits.target, first.char_l, first.ground);
	return `${first.name} wants char most: ${say(room, 'L', system)} before it holds 5 %`;
}

export const whyWanted = (bed: BedFacts, system: System | undefined): string =>
	`${list(bed.reasons.map((reason) => reasonWords[reason]))}; it holds ${joined(show({ value: bed.share, unit: 'share' }, system))} now`;
