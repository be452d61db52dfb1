import type { BurnOutcome, ProofState } from '$lib/core/fires';
import type { Estimate, System } from '$lib/core/units';
import { joined, say, sayRange, show } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { passedWords } from '$lib/format/proof-words';
import { burnWords } from '$lib/format/words';

export interface BurnFacts {
	readonly code: string;
	/** Lit and not put out; put out and not measured; given up. */
	readonly lit?: 'burns' | 'quenched' | 'gave-up' | undefined;
	/** What the plan forecast when it was set down. */
	readonly expected?: Estimate;
	readonly charLitres?: number;
	readonly outcome?: BurnOutcome;
	/** Its wood was worked back from the char: there is no yield to tell. */
	readonly isReckoned?: boolean;
	/** Dry char of dry wood, with its doubt. */
	readonly massYield?: Estimate;
	readonly proof?: ProofState;
	/** Some of its char lies about. */
	readonly isAbout?: boolean;
}

const litWords = {
	burns: 'is burning',
	quenched: 'is quenched and not proven out; what came out is not measured yet',
	'gave-up': 'was given up'
} as const;

/** Was it a good burn, is it out, where did it all go? */
export function burnAnswer(facts: BurnFacts, system: System | undefined): Sentence {
	const { code, outcome, proof, charLitres } = facts;
	if (charLitres === undefined || !outcome || !proof) {
		if (facts.lit) return said`${code} ${litWords[facts.lit]}`;
		const expected = facts.expected
			? said`: expect ${slipped(sayRange(facts.expected, system), 'Char to expect')} of char`
			: '';
		return said`${code} is planned${expected}`;
	}
	const char = slipped(say(charLitres, 'L', system), 'Char');
	const part = joined(show(facts.massYield ?? { value: outcome.massYield, unit: 'share' }, system));
	const gave = facts.isReckoned
		? said`${char} of char, its wood not measured`
		: said`${char}, ${slipped(part, 'Yield')} of the dry wood: ${burnWords[outcome.verdict]}`;
	switch (proof.stage) {
		case 'unproven':
			return facts.isAbout
				? said`${code} is not proven out. It gave ${gave}`
				: said`${code} is used up. It gave ${gave}`;
		case 'once':
			return said`${code} is cold so far, ${passedWords(proof)}. It gave ${gave}`;
		default:
			return said`${code} is out and gave ${gave}`;
	}
}
