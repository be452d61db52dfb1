import Papa from 'papaparse';
import { measureOf } from '../../core/trials';
import { armName } from '../../format/trial-words';
import type { TrialLine } from '../questions/trials';

type Row = Readonly<Record<string, string | number>>;

/**
 * A trial as CSV that statistics read: a row for each look, and one without a value for each pot never read. A lost pot
 * says so; decimal points, blank where there is nothing.
 */
export function trialSheet({ trial, units, lost, looks }: TrialLine): string {
	const rows = units.flatMap(({ n, block, arm }): readonly Row[] => {
		const own = looks.filter((look) => look.n === n);
		const told = trial.arms[arm] ?? { kind: 'other' as const };
		const of = {
			trial: trial.code,
			unit: n,
			block: block + 1,
			arm: String.fromCharCode(65 + arm),
			treatment: armName(told),
			share_percent: told.share ?? (told.kind === 'nothing' ? 0 : ''),
			lost: lost.some(({ unit }) => unit === n) ? 'yes' : 'no'
		};
		if (own.length === 0) return [{ ...of, measure: '', unit_of_measure: '', day: '', value: '' }];
		return own.map(({ measure, day, value }) => ({
			...of,
			measure,
			unit_of_measure: measureOf(measure).unit,
			day,
			value
		}));
	});
	return `${Papa.unparse(rows)}\r\n`;
}
