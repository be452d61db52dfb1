/** What is the matter with the disk or the database, as an act or a page met it. */
export type Failure = 'full' | 'read-only' | 'damaged' | 'busy' | 'unreadable-row';

const codes: readonly (readonly [is: RegExp, failure: Failure])[] = Object.freeze([
	[/^SQLITE_FULL|^ENOSPC/, 'full'],
	[
		/^SQLITE_(READONLY|CANTOPEN|PERM|IOERR_(WRITE|FSYNC|TRUNCATE|LOCK))|^EROFS|^EACCES/,
		'read-only'
	],
	[/^SQLITE_(CORRUPT|NOTADB|IOERR)/, 'damaged'],
	[/^SQLITE_(BUSY|LOCKED)/, 'busy']
] as const);

/** Which of them an error is; none for what is the program’s own. */
export function failureOf(error: unknown): Failure | undefined {
	if (!(error instanceof Error)) return undefined;
	if (error.name === 'DamagedRow') return 'unreadable-row';
	const code = 'code' in error ? String(error.code) : '';
	return codes.find(([is]) => is.test(code))?.[1];
}
