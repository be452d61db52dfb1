/** What is the matter with where the books are kept, for whoever stands before the page. */
export const failureWords: Readonly<Record<string, string>> = {
	full: 'The disk is full. Nothing was written; what stands in the books is whole. Make room on it, then send this again.',
	'read-only':
		'The books can’t be written: their disk or folder is read-only. Nothing was written; what stands in them can be read.',
	damaged:
		'The file of the books is damaged. Nothing was written. Stop the program, move the file aside, and restore the last good copy.',
	busy: 'Another program holds the books. Nothing was written; send this again in a moment.',
	'unreadable-row':
		'A row of the books can’t be read: it was changed by something else. Nothing was written. Check every act on the Keeping page.'
};

/** Where to turn to, beside it. */
export const copyWords = (copy: string | undefined): string =>
	copy === undefined ? 'There is no copy yet.' : `The last good copy is ${copy}.`;
