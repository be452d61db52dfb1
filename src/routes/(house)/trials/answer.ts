import { capital, count } from '$lib/format/words';

/** What is known, and what is waited for. */
export function trialsAnswer(
	lines: readonly { readonly ended_ms?: number }[],
	strips: number
): string {
	if (lines.length === 0 && strips === 0)
		return 'Nothing was tried yet: what you believe of char is what you heard';
	const over = lines.filter(({ ended_ms }) => ended_ms !== undefined).length;
	const runs = lines.length - over;
	return capital(
		[
			...(over > 0 ? [count(over, 'trial is over', 'trials are over')] : []),
			...(runs > 0 ? [`${count(runs, 'runs', 'run')}`] : []),
			...(strips > 0 ? [count(strips, 'strip was looked at', 'strips were looked at')] : [])
		].join(', ')
	);
}
