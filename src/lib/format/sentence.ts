import { figurePath, type Figured } from './paths';

/** A figure in a sentence with the way to what stands behind it: a slip of this page, or a page. */
export interface Told {
	readonly text: string;
	/** Label of the slip that stands among the large figures of the page. */
	readonly slip?: string;
	readonly href?: string;
}

/** Words and figures in the order in which they are said. */
export type Sentence = readonly (string | Told)[];

type Piece = string | number | Told | Sentence;

/**
 * A sentence from a template whose figures keep their way to what stands behind them.
 * @example said`${code} gave ${slipped('188 L', 'Char')}` // ['F6 gave ', { text: '188 L', slip: 'Char' }]
 */
export function said(words: TemplateStringsArray, ...pieces: readonly Piece[]): Sentence {
	const parts = words.flatMap((word, i) => [word, ...partsOf(pieces[i] ?? '')]);
	return parts.reduce<(string | Told)[]>((whole, part) => {
		const last = whole.at(-1);
		if (part === '') return whole;
		if (typeof part === 'string' && typeof last === 'string')
			return [...whole.slice(0, -1), last + part];
		return [...whole, part];
	}, []);
}

function partsOf(piece: Piece): Sentence {
	if (typeof piece === 'number') return [String(piece)];
	return typeof piece === 'string' || 'text' in piece ? [piece] : piece;
}

/** A figure told by the slip with this label among the page's large figures. */
export const slipped = (text: string, slip: string): Told => ({ text, slip });

/** A figure told by the page of its own that `figuresOf` answers. */
export const figured = (text: string, of: Figured, name: string, figure: string): Told => ({
	text,
	href: figurePath(of, name, figure)
});

/** A figure with the stops right behind it, which no line may begin with. */
export interface Stopped extends Told {
	readonly stops: string;
}

/** The sentence for the screen: each figure takes along what may not be parted from it. */
export function withStops(sentence: Sentence): readonly (string | Stopped)[] {
	return sentence.map((part, i) => {
		const [before, after] = [sentence[i - 1], sentence[i + 1]];
		if (typeof part !== 'string')
			return { ...part, stops: typeof after === 'string' ? stopsOf(after) : '' };
		return before === undefined || typeof before === 'string'
			? part
			: part.slice(stopsOf(part).length);
	});
}

const stopsOf = (words: string): string => /^[,.;:)!?]*/.exec(words)?.[0] ?? '';

/** Only the words, for a title, a test or a line of text. */
export const wordsOf = (sentence: Sentence | string): string =>
	typeof sentence === 'string'
		? sentence
		: sentence.map((part) => (typeof part === 'string' ? part : part.text)).join('');

/** Where the slip of a large figure stands on its page. */
export const slipId = (label: string): string =>
	`why-${label.toLowerCase().replace(/[^\p{L}\d]+/gu, '-')}`;
