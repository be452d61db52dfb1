import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { sayIssue } from '$lib/format/issues';
import { lineFieldHints, lineOverrides } from '$lib/format/line-words';
import { said } from '$lib/format/sentence';
import { capital, count } from '$lib/format/words';
import type { ReadLine } from '$lib/server/line/lines';
import type { Preview } from '$lib/server/line/log';
import type { Completion } from '$lib/server/line/sending';
import { asksSure, type Issue } from '$lib/input/act';
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
	return { status: 'understood', head, text: said`${text}${when}`, ways };
}

/** Several lines pasted: each by itself, and how many can be written. */
export function viewOfLines(lines: readonly ReadLine[], system: System | undefined): LineView {
	const told = lines.map(({ line, reading }) => {
		const view = viewOf(line, { reading, completions: [] }, system);
		return { line, isUnderstood: view.status === 'understood', head: view.head, text: view.text };
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
		ways: []
	};
}

export function sayTrouble(issues: readonly Issue[], system: System | undefined): string {
	return issues
		.map((issue) => {
			const says = lineOverrides[issue.code]?.(issue.facts ?? {}) ?? sayIssue(issue, system);
			return [says, hintOf(issue.field)].join(' ').trim();
		})
		.join(' ');
}

/** How a line answers: what is far from the usual is taken with a reason. */
const hintOf = (field: string): string =>
	field.startsWith(asksSure)
		? 'If it is so, say why after a semicolon.'
		: (lineFieldHints[field] ?? '');

const wayOf = ({ line, shows, about, litres }: Completion, system: System | undefined) => ({
	line,
	shows,
	about: litres === undefined ? about : `${about}, ${say(litres, 'L', system)}`
});
