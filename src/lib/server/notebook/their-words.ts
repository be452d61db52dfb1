import type { Issue } from '../../input/act';
import type { NotebookRow } from './rows';

/** Codes that a row would get are known to nobody: what is wrong speaks of things as the row calls them. */
export function inTheirWords(
	{ cells }: NotebookRow,
	codeOf: (name: string) => string
): (issue: Issue) => Issue {
	const words = Object.values(cells).flatMap((cell) => [cell, ...cell.split(/[+:]/)]);
	const called = new Map(words.map((word) => [codeOf(word.trim()), word.trim()]));
	return (issue) => ({
		...issue,
		...(issue.facts && {
			facts: Object.fromEntries(
				Object.entries(issue.facts).map(([name, fact]) => [
					name,
					typeof fact === 'string' ? (called.get(fact) ?? fact) : fact
				])
			)
		})
	});
}
