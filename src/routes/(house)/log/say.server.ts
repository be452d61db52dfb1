import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { sayIssue } from '$lib/format/issues';
import { lineFieldHints, lineOverrides } from '$lib/format/line-words';
import { said } from '$lib/format/sentence';
import { capital, count } from '$lib/format/words';
import { linesOf, type ReadLine } from '$lib/server/line/lines';
import type { LogReading, Preview } from '$lib/server/line/log';
import type { Completion } from '$lib/server/line/sending';
import { answersTo, type Issue } from '$lib/input/act';
import { asks, keyOf, onceEach } from '$lib/core/cautions';
import { sayCaution } from '$lib/format/caution-words';
import type { LineView } from '../line-view';

/** A reading of a line in words: what was understood, and what the books would then say. */
export function viewOf(
	line: string,
	{ reading, completions }: Preview,
	system: System | undefined
): LineView {
	const ways = completions.map((way) => wayOf(way, system));
	if (reading.status === 'trouble')
		return {
			status: line.trim() === '' ? 'empty' : 'trouble',
			head: '',
			text: sayTrouble(reading.issues, system),
			ways
		};
	const { head, text } = reading.told;
	const when = reading.happenedAt === '' ? '' : ` On ${reading.happenedAt.replace('T', ', ')}.`;
	const { cautions } = reading;
	return {
		status: 'understood',
		head,
		text: said`${text}${when}`,
		cautions: onceEach(cautions).map((one) => ({
			says: sayCaution(one, system),
			isAsked: one.weight === 'ask'
		})),
		shown: shownIn([reading]),
		ways
	};
}

/** Several lines pasted: each by itself, and how many can be written. */
export function viewOfLines(lines: readonly ReadLine[], system: System | undefined): LineView {
	const told = lines.map(({ line, reading }) => {
		const view = viewOf(line, { reading, completions: [] }, system);
		return {
			line,
			isUnderstood: view.status === 'understood',
			head: view.head,
			text: view.text,
			cautions: view.cautions
		};
	});
	const good = told.filter(({ isUnderstood }) => isUnderstood).length;
	const wrong = told.length - good;
	return {
		status: good > 0 ? 'understood' : 'trouble',
		head: capital(
			`${count(told.length, 'line', 'lines')}, ${good === told.length ? 'all understood' : `${count(good, 'is', 'are')} understood`}`
		),
		text:
			wrong === 0
				? 'Written down together, one act each.'
				: `${capital(count(wrong, 'line stays', 'lines stay'))} here for mending; the rest is written down.`,
		lines: told,
		shown: shownIn(lines.map(({ reading }) => reading)),
		ways: []
	};
}

/** What is asked in each line, as it is sent back: the number of the line and the key of the caution. */
const shownIn = (readings: readonly LogReading[]): readonly string[] =>
	readings.flatMap((reading, at) =>
		reading.status === 'understood'
			? asks(reading.cautions).map((one) => `${at + 1} ${keyOf(one)}`)
			: []
	);

/** The same taken apart, by line; nothing where it was shown of another text. */
export function shownOf(
	{ shown = '', shownOf: of = '' }: Readonly<Record<string, string>>,
	text: string
): readonly (readonly string[])[] {
	if (linesOf(of).join('\n') !== linesOf(text).join('\n')) return [];
	const byLine: string[][] = [];
	for (const one of shown.split('\n')) {
		const [, at = '', key = ''] = /^(\d{1,3}) (.+)$/.exec(one) ?? [];
		if (key !== '') (byLine[Number(at) - 1] ??= []).push(key);
	}
	return byLine;
}

export function sayTrouble(issues: readonly Issue[], system: System | undefined): string {
	const isAsked = issues.some(({ field }) => answersTo(field) !== undefined);
	const told = issues
		.map((issue) => {
			const says = lineOverrides[issue.code]?.(issue.facts ?? {}) ?? sayIssue(issue, system);
			return [says, hintOf(issue.field)].join(' ').trim();
		})
		.join(' ');
	return isAsked ? `${told} If it is right all the same, say why after a semicolon.` : told;
}

const hintOf = (field: string): string => lineFieldHints[field] ?? '';

const wayOf = ({ line, shows, about, litres }: Completion, system: System | undefined) => ({
	line,
	shows,
	about: litres === undefined ? about : `${about}, ${say(litres, 'L', system)}`
});
