import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { sayIssue } from '$lib/format/issues';
import { lineFieldHints, lineOverrides } from '$lib/format/line-words';
import { said } from '$lib/format/sentence';
import type { Preview } from '$lib/server/line/log';
import type { Completion } from '$lib/server/line/sending';
import type { Issue } from '$lib/input/act';
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

export function sayTrouble(issues: readonly Issue[], system: System | undefined): string {
	return issues
		.map((issue) => {
			const says = lineOverrides[issue.code]?.(issue.facts ?? {}) ?? sayIssue(issue, system);
			return [says, lineFieldHints[issue.field] ?? ''].join(' ').trim();
		})
		.join(' ');
}

const wayOf = ({ line, shows, about, litres }: Completion, system: System | undefined) => ({
	line,
	shows,
	about: litres === undefined ? about : `${about}, ${say(litres, 'L', system)}`
});
