import { minutes } from '../time';
import type { Range } from '../units';
import type { Course } from './course';

/** Litres that went on up to a moment: the hose by its clock, cans and tanks as said. */
export function waterUsed(
	course: Pick<Course, 'runs' | 'pours'>,
	hose_l_min: number | undefined,
	now_ms: number
): number {
	return course.runs.reduce(
		(sum, { from_ms, to_ms = now_ms, l_min = hose_l_min ?? 0 }) =>
			sum + (Math.max(0, to_ms - from_ms) / minutes(1)) * l_min,
		course.pours.reduce((sum, { litres }) => sum + litres, 0)
	);
}

/** The hose ran, and nobody said what it gives: its litres are not known. */
export const isRateWanted = (
	course: Pick<Course, 'runs'>,
	hose_l_min: number | undefined
): boolean => hose_l_min === undefined && course.runs.some(({ l_min }) => l_min === undefined);

/** What a quench wants at so much char, L. */
export interface NeedAt {
	readonly char_l: number;
	readonly need_l: number;
	/** Less cannot have put it out: what the heat boils off and the char soaks up, at the low end. */
	readonly least_l: number;
}

/** Between two rows in a straight line, as the terms go; beyond the last as along it. */
export function needFor(rows: readonly NeedAt[], char: Range): Omit<NeedAt, 'char_l'> {
	const at = (char_l: number, of: (row: NeedAt) => number) => {
		const above = Math.max(
			1,
			rows.findIndex((row) => row.char_l >= char_l)
		);
		const [a, b] = [rows[above - 1], rows[above]];
		if (!a || !b) return rows[0] ? of(rows[0]) : 0;
		return of(a) + ((char_l - a.char_l) / (b.char_l - a.char_l)) * (of(b) - of(a));
	};
	return {
		need_l: at(char.value, ({ need_l }) => need_l),
		least_l: at(char.low, ({ least_l }) => least_l)
	};
}
