import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { capital, count } from '$lib/format/words';

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
): string {
	if (!stands) return `${code} was taken back: the act that made it is reversed`;
	const holds =
		volume_ml > 0
			? `${code} holds ${say(volume_ml / 1000, 'L', system)}${dry_g > 0 ? `, ${say(dry_g / 1000, 'kg', system)} dry` : ''}`
			: `${code} is used up`;
	const came = from === 0 ? 'it starts here' : `it came of ${count(from, 'lot', 'lots')}`;
	return `${holds}; ${came} and reached ${count(beds, 'bed', 'beds')}`.replace(/^./, (c) =>
		capital(c)
	);
}
