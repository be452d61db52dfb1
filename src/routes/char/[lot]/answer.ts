import type { CharState, CharUse } from '$lib/core/char';
import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { list, stateWords } from '$lib/format/words';

export interface CharFacts {
	readonly code: string;
	readonly state: CharState;
	readonly volume_ml: number;
	readonly dry_g: number;
	readonly burnCode: string;
	/** What was made of it, or the beds it lies in. */
	readonly went: readonly string[];
}

const uses: Readonly<Record<CharUse, (facts: CharFacts) => string>> = {
	'not-proven': ({ burnCode }) => `not to be moved until ${burnCode} is proven out`,
	quarantined: () => 'quarantined',
	gone: () => 'used up',
	'crush-first': () => 'good for heaps and tree pits as it is; crush it for beds',
	'charge-first': () => 'ready to be charged'
};

/** What is this char, in what state, what is it good for? */
export function charAnswer(
	facts: CharFacts,
	use: CharUse,
	system: System | undefined
): Sentence | string {
	if (use === 'gone')
		return facts.went.length === 0
			? `${facts.code} is used up`
			: `${facts.code} is used up: it went into ${list(facts.went)}`;
	const litres = slipped(say(facts.volume_ml / 1000, 'L', system), 'Volume');
	const dry = slipped(say(facts.dry_g / 1000, 'kg', system), 'Dry char');
	return said`${facts.code} is ${litres} of ${stateWords[facts.state]} char, ${dry} dry: ${uses[use](facts)}`;
}
