import { kindByCode } from '../../../core/kinds';
import { nearest } from '../../../core/units';
import { findName, leadingBeds, leadingName, namesOfKind, type Names, type Thing } from '../names';
import { trouble, type Trouble } from '../sending';

/** A line of a spreading in its parts, in whatever order they were said. */
export interface SpreadParts {
	readonly lot: string;
	readonly amount: string;
	readonly bed: string;
	/** Where more than one was named: all of them. */
	readonly beds?: readonly string[];
}

const sign = /\s*(?:->|→|>)\s*/;
/** A word between the lot and the bed. */
const towards = /\s+(?:to|onto|on|into|for)\s+/gi;
const code = /^\p{L}\d+$/u;

/**
 * Lot, amount and bed of `38 L C4 > Mere 2`, `C4 5 L > Mere 2`, `5 L C4 Mere 2`, `2 barrows of plant soak on Mere 2`.
 * @param fits whether a lot of that kind goes on beds at all; of others it is named all the same
 */
export function spreadParts(
	text: string,
	names: Names,
	fits: (thing: Thing) => boolean
): SpreadParts | Trouble {
	const beds = namesOfKind(names, 'bed');
	const cut = cutAtBed(text, beds);
	const told = lotIn(cut.left, names, fits);
	if ('status' in told) return told;
	const { lot } = told;
	if (cut.right === '')
		return told.amount === '' ? trouble('line-how-much', { code: lot }) : trouble('line-which-bed');
	const many = manyBeds(cut.right, beds);
	if (many && told.amount !== '') {
		if (many.isEach || isRate(told.amount))
			return { lot, amount: told.amount, bed: many.beds[0]!, beds: many.beds };
		return trouble('line-each', { amount: told.amount, beds: many.beds.length });
	}
	// "C4 > Mere 2 5 L": the amount may stand last.
	const last = told.amount === '' ? leadingName(cut.right, beds) : undefined;
	const amount = told.amount || tidied(last?.rest ?? '');
	const right = last && amount !== '' ? last.name : cut.right;
	if (amount === '') return trouble('line-how-much', { code: lot });
	const bed = bedIn(right, beds);
	return typeof bed === 'string' ? { lot, amount, bed } : bed;
}

/** "Mere 1-3", "Mere 1 and Mere 2 each": several beds and nothing besides. */
function manyBeds(said: string, known: readonly string[]) {
	const [, text = '', each] = /^(.*?)(\s+each)?$/i.exec(said.trim()) ?? [];
	// What stands after the beds is wanted there: here nothing may.
	const found = leadingBeds(`${text.replace(/,\s*/g, ', ')} `, known);
	const isAll = found !== undefined && found.rest.trim() === '' && found.beds.length > 1;
	return isAll ? { beds: found.beds, isEach: each !== undefined } : undefined;
}

/** So much to the area: each bed has its own. */
const isRate = (amount: string): boolean => /\/|%|\b(?:per|to the|each|in the top)\b/i.test(amount);

/** The one bed that was said. */
function bedIn(said: string, beds: readonly string[]): string | Trouble {
	const second = secondBed(said, beds);
	if (second !== undefined) return trouble('line-two-beds', { name: second });
	const bed = findName(said, beds);
	if (bed.status === 'found') return bed.name;
	if (bed.status === 'many')
		return trouble('line-which', { typed: said, names: bed.names.join(', ') });
	const near = nearest(said, beds);
	return trouble('unknown-bed', { name: said, ...(near === undefined ? {} : { near }) });
}

interface Cut {
	readonly left: string;
	/** The bed as it was said; empty where none was. */
	readonly right: string;
}

/** At a sign, else at a word that a bed follows, else where the name of a bed stands by itself. */
function cutAtBed(text: string, beds: readonly string[]): Cut {
	const [left = '', ...right] = text.split(sign);
	if (right.length > 0) return { left, right: text.slice(text.search(sign)).replace(sign, '') };
	const words = [...text.matchAll(towards)].map((found) => ({
		left: text.slice(0, found.index),
		right: text.slice(found.index + found[0].length).trim()
	}));
	const named = words.findLast(
		({ right }) => findName(right, beds).status === 'found' || manyBeds(right, beds)
	);
	if (named) return named;
	return nameWithin(text, beds) ?? words[0] ?? { left: text, right: '' };
}

/** The longest run of words that is the whole name of one of these, cut out of its text. */
function nameWithin(text: string, known: readonly string[]): Cut | undefined {
	const words = text.trim().split(/\s+/);
	for (let n = Math.min(4, words.length); n > 0; n -= 1)
		for (let at = words.length - n; at >= 0; at -= 1) {
			const run = words.slice(at, at + n).join(' ');
			if (!isWholeName(run, known)) continue;
			const left = [...words.slice(0, at), ...words.slice(at + n)].join(' ');
			return { left, right: run.replace(/[,:]$/, '') };
		}
	return undefined;
}

const isWholeName = (run: string, known: readonly string[]): boolean => {
	const found = findName(run.replace(/[,:]$/, ''), known);
	const bare = (name: string) => name.toLowerCase().replace(/[\s,:]/g, '');
	return found.status === 'found' && bare(found.name) === bare(run);
};

/** The lot by its code or its name, and what is left of the words: the amount. */
function lotIn(
	text: string,
	names: Names,
	fits: (thing: Thing) => boolean
): { readonly lot: string; readonly amount: string } | Trouble {
	const words = text.trim().split(/\s+/).filter(Boolean);
	const at = words.findLastIndex((word) => code.test(word) && kindByCode(word) !== undefined);
	if (at >= 0) {
		const amount = [...words.slice(0, at), ...words.slice(at + 1)].join(' ');
		return { lot: words[at]!.toUpperCase(), amount: withoutOf(amount) };
	}
	const things = names.things.filter(fits);
	const named = nameWithin(
		text,
		things.map(({ name }) => name)
	);
	if (!named) {
		const typed = text.trim().replace(/^[\d.,/½¼¾ ]+\S*\s*(?:of\s+)?/, '');
		const near = nearest(
			typed,
			things.map(({ name }) => name)
		);
		return trouble('line-which-lot', { typed, ...(near === undefined ? {} : { near }) });
	}
	const alike = things.filter(({ name }) => isWholeName(named.right, [name]));
	return alike.length === 1
		? { lot: alike[0]!.code, amount: withoutOf(named.left) }
		: trouble('line-which', {
				typed: named.right,
				names: alike.map((thing) => thing.code).join(', ')
			});
}

/** "half of": what is a part keeps its word, any other amount does not. */
function withoutOf(amount: string): string {
	const bare = tidied(amount).replace(/\s*\bof$/i, '');
	return bare !== tidied(amount) && isPart(bare) ? `${bare} of` : bare;
}

/** An amount without the comma, colon or word that tied it to its lot. */
const tidied = (amount: string): string =>
	amount
		.trim()
		.replace(/^[,:]\s*|\s*[,:]$/g, '')
		.replace(/\s+from$/i, '');

const isPart = (amount: string) =>
	/^(?:half|0?[.,]\d+|1|\d+\/\d+|[¼½¾⅓⅔⅛]|\d+ ?%)$/i.test(amount.trim());

/** One line puts on one bed: what would be dropped of a line that names another. */
function secondBed(right: string, beds: readonly string[]): string | undefined {
	if (findName(right, beds).status !== 'none') return undefined;
	const [first = '', ...others] = right.split(/\s*(?:->|→|>|,|&|\+|\b(?:and|to|onto|on)\b)\s*/i);
	const named = others.filter((word) => word !== '').join(', ');
	return named !== '' && findName(first, beds).status === 'found' ? named : undefined;
}
