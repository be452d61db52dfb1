import { days } from '../../core/time';
import type { Duty } from './room';

/** Something with a clock: what wants doing, where, and when it is or was due. */
export interface BenchItem {
	readonly does: string;
	readonly code: string;
	readonly href: string;
	readonly due_ms: number;
	readonly pressing: boolean;
}

/** Clocks that run, the soonest first: what is wrong before all else. */
export function benchOf(duties: readonly Duty[]): readonly BenchItem[] {
	return duties
		.flatMap(({ clock, code, href, is }) =>
			clock ? [{ ...clock, code, href, pressing: is === 'wrong' }] : []
		)
		.sort((a, b) => Number(b.pressing) - Number(a.pressing) || a.due_ms - b.due_ms);
}

/** As far as anybody in a yard looks ahead. */
const weeks = 4;

/** One line of the weeks ahead: a band that ripens, or moments that come. */
export type AheadRow = Pick<Duty, 'code' | 'href' | 'name' | 'window'> & {
	readonly moments: NonNullable<Duty['moments']>;
};

export interface Ahead {
	readonly from_ms: number;
	readonly to_ms: number;
	readonly rows: readonly AheadRow[];
}

/** What comes in the next four weeks from every room, on one axis; moments first, the soonest above. */
export function ahead(duties: readonly Duty[], now_ms: number): Ahead {
	const to_ms = now_ms + days(7 * weeks);
	const rows = duties.map(({ code, href, name, window, moments = [] }): AheadRow => ({
		code,
		href,
		name,
		...(window ? { window } : {}),
		moments: moments.filter(({ at_ms }) => at_ms <= to_ms)
	}));
	const soonest = ({ moments }: AheadRow) => Math.min(...moments.map(({ at_ms }) => at_ms));
	return {
		from_ms: now_ms,
		to_ms,
		rows: [
			...rows.filter(({ moments }) => moments.length > 0).sort((a, b) => soonest(a) - soonest(b)),
			...rows.filter(({ window }) => window)
		]
	};
}
