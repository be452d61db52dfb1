import { isUnitWord } from './spellings';

/** A name as it is kept: one space between words, none around, one way to write each letter. */
export const foldName = (name: string): string => name.normalize('NFC').replace(/\s+/g, ' ').trim();

/** What two names are told apart by: case and spacing make no other thing. */
export const nameKey = (name: string): string => foldName(name).normalize('NFKC').toLowerCase();

/** Words that say how much, which, when or what in a line of the log, and so name nothing. */
const lineWords = new Set(
	'all everything half a an one third quarter of it spread moist temp check count crush note cold warm smoke white air oven pin dry drained wet today yesterday now noon'.split(
		' '
	)
);

/** Of a unit: what is longer is a word that may name a place. */
const longestSign = 3;

const unseen = /\p{Cf}|\p{Cc}|\p{Co}|\p{Cn}/u;
/** It has a letter or digit, and nothing in it that can't be seen or turns the rest about. */
export const isSeen = (name: string): boolean => /[\p{L}\p{N}]/u.test(name) && !unseen.test(name);

export type NameFault = 'signs' | 'code' | 'unit' | 'word';

/**
 * Why a name would be read as something else where it is typed: signs that part a line of the log or
 * can't be seen, the code of a lot or fire, a short sign of a unit ("L", "kg"), or (for a measure) any unit or
 * word of the log.
 */
export function faultOfName(name: string, of: 'thing' | 'measure'): NameFault | undefined {
	if (/[>;@<|]/.test(name) || unseen.test(name)) return 'signs';
	const key = nameKey(name);
	if (/^\p{L}\d+$/u.test(key)) return 'code';
	if (isUnitWord(key) && (of === 'measure' || key.length <= longestSign)) return 'unit';
	if (of === 'thing') return undefined;
	return key.split(/[ -]/).some((word) => lineWords.has(word)) ? 'word' : undefined;
}
