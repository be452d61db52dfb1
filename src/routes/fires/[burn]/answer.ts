import type { BurnOutcome, ProofState } from '$lib/core/fires';
import type { Estimate, System } from '$lib/core/units';
import { joined, say, sayRange, show } from '$lib/format/figure';
import { burnWords } from '$lib/format/words';

export interface BurnFacts {
	readonly code: string;
	/** What the plan forecast when it was set down. */
	readonly expected?: Estimate;
	readonly charLitres?: number;
	readonly outcome?: BurnOutcome;
	readonly proof?: ProofState;
}

/** Was it a good burn, is it out, where did it all go? */
export function burnAnswer(facts: BurnFacts, system: System | undefined): string {
	const { code, outcome, proof, charLitres } = facts;
	if (charLitres === undefined || !outcome || !proof) {
		const expected = facts.expected ? `: expect ${sayRange(facts.expected, system)} of char` : '';
		return `${code} is planned${expected}`;
	}
	const gave = `${say(charLitres, 'L', system)}, ${joined(show({ value: outcome.massYield, unit: 'share' }, system))} of the dry wood: ${burnWords[outcome.verdict]}`;
	return proof.proven
		? `${code} is out and gave ${gave}`
		: `${code} is not proven out. It gave ${gave}`;
}
