import { days } from '$lib/core/time';
import { sayFromNow, type Almanac } from '$lib/format/dates';

export interface KeepingFacts {
	readonly acts: number;
	readonly lastAct_ms: number | undefined;
	readonly lastBackup_ms: number | undefined;
	readonly trouble: boolean;
}

/** Are the books safe? */
export function keepingAnswer(
	{ acts, lastAct_ms, lastBackup_ms, trouble }: KeepingFacts,
	almanac: Almanac
): string {
	if (acts === 0) return 'Nothing is in the books yet, so nothing can be lost';
	if (trouble) return 'The last try to back up the books failed';
	if (lastBackup_ms === undefined) return 'The books are not backed up yet';
	const made = `The last good backup was made ${sayFromNow(lastBackup_ms, almanac)}`;
	if (almanac.now_ms - lastBackup_ms > days(2)) return `${made}: that is too long ago`;
	return (lastAct_ms ?? 0) > lastBackup_ms
		? `${made}; what was written since is only in the books themselves`
		: `${made} and holds everything`;
}
