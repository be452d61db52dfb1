// What is the matter with books that can't be opened, in a sentence.

const codeOf = (/** @type {unknown} */ error) =>
	error instanceof Error && 'code' in error ? String(error.code) : '';

/** @type {readonly (readonly [is: RegExp, says: (database: string) => string])[]} */
const sentences = [
	[
		/^SQLITE_NOTADB/,
		(database) =>
			`${database} is no database, or is damaged at its very start. Restore the newest backup: npm run restore -- FILE.`
	],
	[
		/^SQLITE_CORRUPT/,
		(database) =>
			`${database} is damaged. Move it aside and restore the newest backup: npm run restore -- FILE.`
	],
	[
		/^SQLITE_(READONLY|CANTOPEN|PERM)|^EACCES|^EROFS|^EPERM/,
		(database) =>
			`${database} can't be written: its folder or disk is read-only, or belongs to somebody else.`
	],
	[
		/^SQLITE_(BUSY|LOCKED)/,
		(database) => `${database} is locked by another program. Close that first.`
	],
	[
		/^SQLITE_FULL|^ENOSPC/,
		(database) =>
			`The disk of ${database} is full. Make room on it first; nothing of the books is lost.`
	]
];

/**
 * @param {unknown} error
 * @param {string} database
 * @returns {string}
 */
export function inWords(error, database) {
	const code = codeOf(error);
	const known = sentences.find(([is]) => is.test(code));
	if (known) return known[1](database);
	return error instanceof Error ? error.message : String(error);
}
