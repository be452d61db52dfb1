import { inLitres } from '$lib/core/units';
import type { CharFinding, CharState, CharUse } from '$lib/core/char';
import type { System } from '$lib/core/units';
import { joined, say, show } from '$lib/format/figure';
import { qualityWords } from '$lib/format/charge-words';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { capital, list, stateWords, wetnessWords } from '$lib/format/words';

export interface CharFacts {
	readonly code: string;
	readonly state: CharState;
	readonly volume_ul: number;
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
	const litres = slipped(say(inLitres(facts.volume_ul), 'L', system), 'Volume');
	const dry = slipped(say(facts.dry_g / 1000, 'kg', system), 'Dry char');
	return said`${facts.code} is ${litres} of ${stateWords[facts.state]} char, ${dry} dry: ${uses[use](facts)}`;
}

/** What was found of a char, in a line. */
export function foundWords(found: CharFinding): string {
	const percent = (value: number) => joined(show({ value, unit: 'share' }, 'metric'));
	switch (found.kind) {
		case 'wetness':
			return `${capital(wetnessWords[found.wetness])}${found.water === undefined ? '' : `, ${percent(found.water)} water`}`;
		case 'rinsed':
			return 'Rinsed';
		case 'sieved':
			return `Sieved: ${percent(found.shares.under2 + found.shares.to10)} under 10 mm`;
		case 'quality': {
			const passed = found.passed.map((test) => `✓ ${qualityWords[test]}`);
			const failed = found.failed.map((test) => `✕ not: ${qualityWords[test]}`);
			const ph = found.ph === undefined ? [] : [`pH ${found.ph}`];
			const ash = found.ash === undefined ? [] : [`${percent(found.ash)} ash`];
			return [...passed, ...failed, ...ph, ...ash].join(' · ');
		}
	}
}
