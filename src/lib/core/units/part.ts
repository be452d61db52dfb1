import { parseNumber, parseVolume, type Parsed, type ParseContext } from './parse';

/** How much of a lot is meant: all of it, so many litres, or a share of what it holds. */
export type Part = 'all' | number | { readonly share: number };

export type ReadPart =
	| { readonly status: 'ok'; readonly part: Part }
	| Exclude<Parsed, { status: 'ok' }>
	| { readonly status: 'ask'; readonly code: 'part'; readonly options: readonly string[] };

const shares: Readonly<Record<string, number>> = Object.freeze({
	half: 1 / 2,
	'a half': 1 / 2,
	'a third': 1 / 3,
	'one third': 1 / 3,
	'two thirds': 2 / 3,
	'a quarter': 1 / 4,
	'one quarter': 1 / 4,
	'three quarters': 3 / 4
});

/**
 * Read a part of a lot as people say it: "all", "half of it", "1/2 of it", "50 %", "a barrow", "40 L".
 * A bare number up to one is asked back: half a litre, or half of it? Above one it can only be litres
 * (or US gallons), as everywhere.
 * @example parsePart('1/2 of it') // { status: 'ok', part: { share: 0.5 } }
 */
export function parsePart(text: string, context: ParseContext = {}): ReadPart {
	const words = text.trim().replace(/\s+/g, ' ').toLowerCase();
	if (/^(all|everything)( of( it)?)?$/.test(words)) return { status: 'ok', part: 'all' };
	const [, said = '', of = ''] = /^(.*?)( of(?: it)?)?$/.exec(words) ?? [];
	const named = Object.hasOwn(shares, said) ? shares[said] : undefined;
	if (named !== undefined) return { status: 'ok', part: { share: named } };
	const percent = /^(.+?) ?(%|percent)$/.exec(said)?.[1];
	if (percent !== undefined) return shareOf(parseNumber(percent), 0.01, text);
	const number = parseNumber(said);
	if (of !== '') return shareOf(number, 1, text);
	if (number.status === 'ok' && number.value > 0 && number.value <= 1) {
		const unit = context.system === 'us' ? 'gal' : 'L';
		const whole = number.value === 1;
		return {
			status: 'ask',
			code: 'part',
			options: [`${said} ${unit}`, whole ? 'all of it' : `${said} of it`]
		};
	}
	const volume = parseVolume(text, context);
	return volume.status === 'ok' ? { status: 'ok', part: volume.value } : volume;
}

/** More than all of it is no part. */
function shareOf(read: Parsed, unit: number, text: string): ReadPart {
	if (read.status !== 'ok') return read;
	const share = read.value * unit;
	if (!(share > 0) || share > 1) return { status: 'bad', code: 'number', part: text.trim() };
	return { status: 'ok', part: share === 1 ? 'all' : { share } };
}

/**
 * A part in litres of what a lot holds.
 * @param slack what the figures shown leave open, L: an amount over the rest by no more is all of it
 * @returns litres asked for; at most `held` unless more than the slack beyond it
 */
export function litresOfPart(part: Part, held: number, slack = 0): number {
	if (part === 'all') return held;
	const asked = typeof part === 'number' ? part : part.share * held;
	return asked > held && asked <= held + slack ? held : asked;
}
