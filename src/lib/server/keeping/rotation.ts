import { days } from '../../core/time';

/** How many backups of each age are kept. */
export const kept = Object.freeze({ days: 7, weeks: 4, months: 12 });

/**
 * Which backups to keep: the newest of each of the last 7 days, 4 weeks and 12 months that have any.
 * The newest of all is always among them.
 * @param times moments of the backups, ms; any order
 */
export function toKeep(times: readonly number[]): ReadonlySet<number> {
	const newestFirst = [...times].sort((a, b) => b - a);
	return new Set([
		...firstOfEach(newestFirst, dayOf, kept.days),
		...firstOfEach(newestFirst, (at) => Math.floor((dayOf(at) + 3) / 7), kept.weeks),
		...firstOfEach(newestFirst, monthOf, kept.months)
	]);
}

/** Days since 1970 in UTC; the first was a Thursday, so weeks that begin on Monday are 3 days off. */
const dayOf = (at: number) => Math.floor(at / days(1));
const monthOf = (at: number) => {
	const date = new Date(at);
	return date.getUTCFullYear() * 12 + date.getUTCMonth();
};

function firstOfEach(
	newestFirst: readonly number[],
	groupOf: (at: number) => number,
	most: number
): readonly number[] {
	const groups = new Map<number, number>();
	for (const at of newestFirst)
		if (!groups.has(groupOf(at)) && groups.size < most) groups.set(groupOf(at), at);
	return [...groups.values()];
}
