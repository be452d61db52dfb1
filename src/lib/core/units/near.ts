import { distance } from 'fastest-levenshtein';

/** Letters that may be wrong of a word: one of a short one, a third of a longer. */
const mostWrong = (word: string): number => Math.max(1, Math.floor(word.length / 3));

/** Letters to change, add or leave; two that changed places are one. */
const wrongIn = (word: string, name: string): number =>
	word.length === name.length && word !== name && lettersOf(word) === lettersOf(name)
		? 1
		: distance(word, name);

const lettersOf = (word: string): string => [...word].sort().join('');

/**
 * The known word that a typed one most likely was meant to be, whatever its case; undefined where none is near, or
 * where it is the very word. Of several as near the first.
 * @example nearest('mader', ['weld', 'madder']) // 'madder'
 */
export function nearest(typed: string, known: readonly string[]): string | undefined {
	const word = typed.trim().toLowerCase();
	if (word.length < 3) return undefined;
	let best: { readonly name: string; readonly far: number } | undefined;
	for (const name of known) {
		const far = wrongIn(word, name.toLowerCase());
		if (far === 0) return undefined;
		if (far <= mostWrong(word) && far < (best?.far ?? Infinity)) best = { name, far };
	}
	return best?.name;
}
