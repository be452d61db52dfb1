import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { count } from '$lib/format/words';

export interface LotFacts {
	readonly code: string;
	readonly volume_ml: number;
	readonly dry_g: number;
	readonly from: number;
	readonly beds: number;
	/** The act that made it is not reversed. */
	readonly stands: boolean;
}

/** What is in it and where did it go? */
export function lotAnswer(
	{ code, volume_ml, dry_g, from, beds, stands }: LotFacts,
	system: System | undefined
): Sentence | string {
	if (!stands) return `${code} was taken back: the act that made it is reversed`;
	const kg = slipped(say(dry_g / 1000, 'kg', system), 'Dry in it');
	const dry = dry_g > 0 ? said`, ${kg} dry` : '';
	const holds =
		volume_ml > 0
			? said`${code} holds ${slipped(say(volume_ml / 1000, 'L', system), 'Holds')}${dry}`
			: `${code} is used up`;
	const came = from === 0 ? 'it starts here' : `it came of ${count(from, 'lot', 'lots')}`;
	return said`${holds}; ${came} and reached ${count(beds, 'bed', 'beds')}`;
}
