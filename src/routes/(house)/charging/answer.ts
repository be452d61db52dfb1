import { inLitres } from '$lib/core/units';
import type { Readiness } from '$lib/core/charging';
import { reaches, type ProofState } from '$lib/core/fires';
import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { capital, count } from '$lib/format/words';

interface ChargeFacts {
	readonly state: Readiness;
	readonly charge: { readonly volume_ul: number };
}

interface RawFacts {
	readonly charLitresLeft: number;
	readonly proof: Pick<ProofState, 'stage'>;
	readonly held?: string;
}

/** What is ripe, what cures, and what char still waits to be filled? */
export function chargingAnswer(
	charges: readonly ChargeFacts[],
	raw: readonly RawFacts[],
	system: System | undefined
): string {
	const free = raw
		.filter((lot) => reaches(lot.proof, 'once') && lot.held === undefined)
		.reduce((total, lot) => total + lot.charLitresLeft, 0);
	const ripe = charges.filter((line) => line.state === 'ripe');
	const ripeLitres = ripe.reduce((total, line) => total + inLitres(line.charge.volume_ul), 0);
	const waiting =
		free > 0 ? `${say(free, 'L', system)} of raw char waits to be charged` : undefined;
	if (charges.length === 0 && raw.length === 0) return 'No char yet: it comes from a fire';
	if (ripe.length === 0) return `${waiting ?? 'No raw char waits'}; nothing is ripe`;
	const are = capital(count(ripe.length, 'charge is', 'charges are'));
	return `${are} ripe, ${say(ripeLitres, 'L', system)}; ${waiting ?? 'no raw char waits'}`;
}
