type Values = Readonly<Record<string, string>>;

/** Nobody kept such books before: a year of an earlier century is a slip of the finger. */
export const earliest_ms = Date.UTC(1950, 0);

/**
 * The moment of an act that a device kept before it could send it, in ms: not later than now, whatever clock the
 * device has. A time that was typed wins.
 */
export function doneAt(
	{ doneAt: told = '', happenedAt = '' }: Values,
	now_ms: number
): number | undefined {
	const ms = /^\d{1,15}$/.test(told) && happenedAt.trim() === '' ? Number(told) : NaN;
	return ms >= earliest_ms ? Math.min(ms, now_ms) : undefined;
}
