import type { ToldRule } from '../core/all-cautions';

const weightWords = { never: 'never', ask: 'asks for a reason', tell: 'is told' } as const;

const answerOf = ({ weight, isSlip = false }: ToldRule): string =>
	weight === 'ask' && isSlip ? 'asks whether it is so' : weightWords[weight];

const cell = (text: string) => text.replaceAll('|', '\\|');

/** The list of all cautions, as a page of the docs. */
export const cautionList = (
	tables: readonly { readonly act: string; readonly rules: readonly ToldRule[] }[]
): string =>
	[
		'# Cautions',
		'',
		'What speaks against an act, whatever the door it comes through: a page, a line of the log, a round, a programme.',
		'"Never" is taken with no reason. What asks is taken with one, which answers what was shown and nothing else, and',
		'is kept with the act. The local fire code, burn permit, waste, feed, water and food rules and licensed advice come',
		'first.',
		'',
		'This page is made from the tables of the program: `npm run cautions`.',
		...tables.flatMap(({ act, rules }) => [
			'',
			`## ${act}`,
			'',
			'| | when | lifted by | source |',
			'| --- | --- | --- | --- |',
			...rules.map(
				(rule) =>
					`| ${answerOf(rule)} | ${cell(rule.when)} | ${cell(rule.lifted)} | ${cell(rule.source)} |`
			)
		]),
		''
	].join('\n');
