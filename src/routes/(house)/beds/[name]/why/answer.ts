import { saysNothing, type Ranked, type Telling } from '$lib/core/detective';
import { causeWords, testWords } from '$lib/format/why-words';
import { capital } from '$lib/format/words';

/** What most likely ails it, and what would tell. */
export function whyAnswer(bed: string, ranked: readonly Ranked[], telling?: Telling): string {
	const [first, second] = ranked;
	if (!first || (saysNothing(ranked) && first.pushes.length === 0))
		return `What ails ${bed}? Say what you see, and what you looked for in vain`;
	const test = telling ? `; ${lower(testWords[telling.test].does)} would tell` : '';
	if (first.probability < 0.5 && second)
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
