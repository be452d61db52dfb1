import { saysNothing, type Ranked, type Telling } from '$lib/core/detective';
import { causeWords, testWords } from '$lib/format/why-words';
import { capital } from '$lib/format/words';

/** Below it no cause stands out. */
const stands = 0.5;

/** What most likely ails it, and what would tell; before anything is seen, what to say. */
export function whyAnswer(
	{ bed, isSaid }: { readonly bed: string; readonly isSaid: boolean },
	ranked: readonly Ranked[],
	telling?: Telling
): string {
	const [first, second] = ranked;
	if (!first || !isSaid)
		return `What ails ${bed}? Say what you see, and what you looked for in vain`;
	const test = telling ? `; ${testWords[telling.test].noun} would tell` : '';
	if (saysNothing(ranked)) return `Nothing that was seen speaks for a cause the table knows${test}`;
	if (first.probability < stands && second)
		return capital(
			`no cause stands out: ${causeWords[first.cause]}, or ${causeWords[second.cause]}${test}`
		);
	return capital(`most likely ${causeWords[first.cause]}${test}`);
}

/** In the midst of a sentence, where it is no name or symbol. */
export const lower = (text: string): string =>
	/^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What each way a test may come out would mean. */
export const meaningOf = ({ test, ifSo, ifNot }: Telling): readonly [string, string] => [
	`${capital(testWords[test].so)}: ${causeWords[ifSo.cause]}, ${percent(ifSo.probability)}.`,
	`${capital(testWords[test].not)}: ${causeWords[ifNot.cause]}, ${percent(ifNot.probability)}.`
];

/** How often the program was right here, beside what the table is. */
export const trustWords = ({ right, of }: { readonly right: number; readonly of: number }) =>
	of === 0
		? 'A judged table, not a measured one.'
		: `A judged table, not a measured one: it has been right in ${right} of ${of} cases here.`;
