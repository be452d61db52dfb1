/** Readings as one writes them down, parted; or a mark that could mean two things. */
export type ReadList =
	| { readonly status: 'ok'; readonly words: readonly string[] }
	| { readonly status: 'ask'; readonly code: 'comma'; readonly options: readonly string[] };

/**
 * Part a list of readings into its words, the one way for forms and lines: blanks, slashes, semicolons and
 * "and" part them, and so does a comma before a blank. A comma inside a word is a decimal mark where one digit
 * follows it, and parts a list where it stands twice in the word or beside anything but a figure. Before two or
 * three digits it could be either, and is asked back unless another word of the list shows which it is.
 * @example partList('49,5 31') // ['49.5', '31']
 */
export function partList(text: string): ReadList {
	const typed = text
		.replace(/,(?=\s|$)/g, ' ')
		.split(/[\s;/]+/)
		.filter((word) => word !== '' && !/^and$/i.test(word));
	const mark = markOf(typed);
	const words: string[] = [];
	for (const word of typed) {
		const doubtful = /^(\D*\d+),(\d{2,3})(\D*)$/.exec(word);
		if (doubtful && mark === undefined) {
			const [, whole = '', rest = '', sign = ''] = doubtful;
			return {
				status: 'ask',
				code: 'comma',
				options: [`${whole} ${rest}${sign}`, `${whole}.${rest}${sign}`]
			};
		}
		const isDecimal = oneDigit.test(word) || (doubtful !== null && mark === 'decimal');
		words.push(...(isDecimal ? [word.replace(',', '.')] : word.split(',').filter(Boolean)));
	}
	return { status: 'ok', words };
}

const oneDigit = /^\D*\d+,\d\D*$/;

/** What a comma is in this list, by the words that leave no doubt. */
function markOf(words: readonly string[]): 'decimal' | 'list' | undefined {
	if (words.some((word) => oneDigit.test(word))) return 'decimal';
	const isList = words.some((word) => /\d\.\d/.test(word) || /,.*,/.test(word));
	return isList ? 'list' : undefined;
}
