import type { EvidenceKind } from '../evidence';
import {
	measureWords,
	overWords,
	stuffWords,
	type MeasureWord,
	type OverWord,
	type Stuff
} from './data/words';
import { andAHalf, readSaid } from './numbers';

/** One rate of a sentence, as it was said. */
export interface Claim {
	/** The words of it. */
	readonly words: string;
	readonly low: number;
	readonly high: number;
	readonly measure: MeasureWord;
	/** So many of what it goes on. */
	readonly per?: { readonly count: number; readonly over: OverWord };
	/** Into how deep a ground, m. */
	readonly depth_m?: number;
}

/** An effect that is promised. */
export interface Promised {
	readonly of: 'ph';
	readonly by: number;
}

export interface Advice {
	readonly text: string;
	readonly stuff?: Stuff;
	readonly claims: readonly Claim[];
	readonly promised?: Promised;
	/** Something one is told never to do with it. */
	readonly forbids?: Stuff;
	readonly isCharged?: boolean;
	/** Weighed dry; else as it is sold or lies. */
	readonly isDry?: boolean;
	readonly isCrushed?: boolean;
	readonly often?: 'once' | 'each-season' | 'each-week' | 'each-month' | 'each-time';
	readonly ground: EvidenceKind;
}

/** A spade goes so deep, m. */
const spade_m = 0.25;

const measureAt = (text: string) => {
	for (const [pattern, measure] of measureWords) {
		const found = pattern.exec(text);
		if (found) return { measure, rest: text.slice(found[0].length) };
	}
	return undefined;
};

const overAt = (text: string) => {
	for (const [pattern, over] of overWords) {
		const found = pattern.exec(text);
		if (found) return { over, rest: text.slice(found[0].length) };
	}
	return undefined;
};

/** "to the foot", "per 100 square feet", "a tree", "/m2". */
function perIn(rest: string): Claim['per'] {
	const found = /(?:^|\s)(?:to|per|for|on|over|in|each|every|a|an|the|\/)\s*(?=\S)|\//g;
	for (const link of rest.matchAll(found)) {
		const after = rest.slice(link.index + link[0].length).replace(/^(?:the|every|each)\s+/, '');
		const count = readSaid(after);
		const over = overAt((count?.rest ?? after).trim()) ?? overAt(after.trim());
		if (over)
			return { count: count && overAt(count.rest.trim()) ? count.high : 1, over: over.over };
	}
	return undefined;
}

/** "in the top 6 inches", "to a spade's depth", "four inches deep". */
function depthIn(text: string): number | undefined {
	if (/spade(?:'s|’s)?(?: depth| deep)|a spit deep|spade depth/.test(text)) return spade_m;
	const found = /(?:top|upper|into|depth of)\s+(.*)/.exec(text);
	const said = found && readSaid(found[1] ?? '');
	const measure = said && measureAt(said.rest.trim());
	return said && measure?.measure.of === 'depth' ? said.high * measure.measure.by : undefined;
}

/** The first rate of a part of a sentence. */
function claimIn(part: string): Claim | undefined {
	for (let at = 0; at < part.length; at += 1) {
		if (at > 0 && /[\w.]/.test(part.charAt(at - 1))) continue;
		const said = readSaid(part.slice(at));
		const measured = said && measureAt(said.rest.trim());
		if (!said || !measured || said.high <= 0) continue;
		// "the top 6 inches" is where it goes, and no layer of it.
		if (
			measured.measure.of === 'depth' &&
			/(?:top|upper|into|depth of)\s*$/.test(part.slice(0, at))
		)
			continue;
		const { more, rest } = andAHalf(measured.rest);
		const per = perIn(rest);
		const depth_m = depthIn(part);
		return {
			words: part.trim(),
			low: said.low + more,
			high: said.high + more,
			measure: measured.measure,
			...(per ? { per } : {}),
			...(depth_m === undefined ? {} : { depth_m })
		};
	}
	return undefined;
}

/** A sentence may say the same twice: "10 t/ha, that is a cup a foot". */
const partsOf = (text: string): readonly string[] =>
	text.split(
		/\bthat is\b|\bi\.e\.|\bwhich is\b|;|\(|\)|\bor about\b|\bor\b(?= (?:a|an|one|half|\d+(?:\.\d+)?) ?(?:cup|barrow|bucket|litre|pound|kilo|kg|t\b|ton))|=/
	);

const often: readonly (readonly [NonNullable<Advice['often']>, RegExp])[] = [
	['once', /\bonce\b(?! (?:a|every|each))|once and for/],
	['each-week', /\b(?:a|every|each|per) week|weekly|fortnight/],
	['each-month', /\b(?:a|every|each|per) month|monthly/],
	[
		'each-season',
		/\b(?:a|every|each|per|once a) (?:spring|autumn|fall|year|season|winter)|yearly|annually/
	],
	['each-time', /\b(?:every|each) time|at every/]
];

export const oftens = often.map(([one]) => one);

/** Who says so, by the words; the grower may say otherwise. */
function groundIn(text: string): EvidenceKind {
	if (/\b(?:trial|study|paper|university|extension|et al)\b/.test(text)) return 'published';
	if (/\b(?:label|bag says|seller|shop|product|buy|bought)\b/.test(text)) return 'seller';
	if (/\bI (?:saw|tried|have seen)\b|my (?:own )?(?:bed|garden)/i.test(text))
		return 'own-observation';
	return 'hearsay';
}

function promisedIn(text: string): Promised | undefined {
	if (!/\bph\b/.test(text)) return undefined;
	const byUnits =
		/(?:by )?(?:a|one|a whole|half a|two)\s+(?:whole |full )?(?:ph )?(?:unit|point)/.exec(text);
	if (byUnits)
		return { of: 'ph', by: /half/.test(byUnits[0]) ? 0.5 : /two/.test(byUnits[0]) ? 2 : 1 };
	const [, from, to] = /from\s+(\d(?:\.\d+)?)\s+to\s+(\d(?:\.\d+)?)/.exec(text) ?? [];
	return from && to ? { of: 'ph', by: Math.abs(Number(to) - Number(from)) } : undefined;
}

/** What the sentence may leave open and somebody says when asked. */
export const askedOpen = Object.freeze({
	charged: ['raw', 'charged'],
	weighed: ['dry', 'as-sold']
} as const);
export type ChargedSaid = (typeof askedOpen.charged)[number];
export type WeighedSaid = (typeof askedOpen.weighed)[number];

/**
 * A sentence as it was heard, taken apart: stuff, amounts with what they are over, depth, how often, and on what
 * ground it is said. What it does not say is left out, and is asked.
 */
export function readAdvice(typed: string): Advice {
	const text = typed.toLowerCase().replace(/[“”"]/g, ' ').replace(/\s+/g, ' ').trim();
	const stuffs = stuffWords.filter(([, pattern]) => pattern.test(text)).map(([stuff]) => stuff);
	const forbids = /\bnever (?:lime|put lime|ash|use ash|feed)/.exec(text)?.[0];
	const often_ = often.find(([, pattern]) => pattern.test(text))?.[0];
	const promised = promisedIn(text);
	const stuff = forbids ? (stuffs.find((one) => one === 'char') ?? stuffs[0]) : stuffs[0];
	return {
		text: typed.trim(),
		...(stuff ? { stuff } : {}),
		claims: partsOf(text).flatMap((part) => claimIn(part) ?? []),
		...(promised ? { promised } : {}),
		...(forbids ? { forbids: /ash/.test(forbids) ? 'ash' : 'lime' } : {}),
		...(/\b(?:charged|inoculated|activated|soaked)\b/.test(text) ? { isCharged: true } : {}),
		...(/\braw\b|\buncharged\b/.test(text) ? { isCharged: false } : {}),
		...(/\bdry\b/.test(text)
			? { isDry: true }
			: /\bwet\b|as sold|damp/.test(text)
				? { isDry: false }
				: {}),
		...(/\bcrushed|ground|fine\b/.test(text) ? { isCrushed: true } : {}),
		...(often_ ? { often: often_ } : {}),
		ground: groundIn(text)
	};
}
