import { partList } from '../../../core/units';
import { failingsOf } from '../../../core/fires';
import { nextCheckWords, proofReason } from '../../../format/proof-words';
import { count, failingWords, list } from '../../../format/words';
import type { Books } from '../../db/books';
import { checkSchema } from '../../../input/fires';
import { proofOf } from '../../questions/standing';
import { checkQuench } from '../../usecases/check-quench';
import { askBack, sending, trouble, type Completion, type LogVerb } from '../sending';

const most = 4;

/** As many as a proof wants: what "all cold" stands for. */
const all = 3;

/**
 * `check F6 35 32 cold`, `check F6 all cold`, `check F6 cold, cold, warm, smoke`, `check F6 14 15 14 air 9`:
 * a probe's figure or a hand for each place, and the air beside it.
 */
export const checkVerb: LogVerb = {
	word: 'check',
	about: 'is the fire out',
	examples: [
		{ line: 'check F6 35 32 cold', does: 'is it out: a figure, cold or warm for each place' },
		{ line: 'check F6 all cold', does: 'the same for three places felt by hand' }
	],
	fits: ({ kind, facts }) => kind === 'burn' && facts?.state !== 'planned',
	ways: (after) => (/^f\d+ /i.test(after) ? seenAt(after) : undefined),
	lists: (word) =>
		/^(?:[-−<>]?\d[\d.]*(?:°?[cf])?|all|everywhere|everything|cold|warm|smoke|white|and|air)$/i.test(
			word
		),
	read: ({ rest }) => {
		const [, said = '', air = ''] = /^(.*?)(?:[\s,]+air\s+(\S+))?$/i.exec(rest.trim()) ?? [];
		const [, typed = '', places = ''] = /^([^\s,:]*)[\s,:]*(.*)$/s.exec(said) ?? [];
		if (!/^f\d+$/i.test(typed)) return trouble('line-which-fire', { typed });
		const code = typed.toUpperCase();
		const parted = partList(places);
		if (parted.status !== 'ok') return askBack(parted);
		const values = valuesOf(parted.words.join(' '));
		if (values === 'none') return trouble('line-no-places', { code });
		if (values === 'many') return trouble('line-many-places', { most });
		if (air !== '') values.air = air;
		return sending(values, (reading) => checkSchema(reading, code), checkQuench, watch(code));
	}
};

function valuesOf(said: string): Record<string, string> | 'none' | 'many' {
	const whole = /^(?:all|everything|everywhere) (cold|warm)\b/i.exec(said)?.[1];
	const words = said
		.replace(/^(?:all|everything|everywhere) (?:cold|warm)\b/i, '')
		.split(' ')
		.filter((word) => word !== '' && !/^and$/i.test(word));
	const signs = words
		.filter((word) => /^(smoke|white)$/i.test(word))
		.map((word) => word.toLowerCase());
	const places = whole
		? Array.from({ length: all }, () => whole)
		: words.filter((word) => !/^(smoke|white)$/i.test(word));
	if (places.length === 0) return 'none';
	if (places.length > most) return 'many';
	const values: Record<string, string> = {};
	places.forEach((word, i) => {
		values[`${/^(cold|warm)$/i.test(word) ? 'hand' : 'place'}${i + 1}`] = word.toLowerCase();
	});
	if (signs.includes('smoke')) values.smoke = 'on';
	if (signs.includes('white')) values.whiteSpots = 'on';
	return values;
}

const watch = (code: string) => (books: Books, now_ms: number) => {
	const known = () => {
		const burn = books.burns.maybeOne(code);
		return burn ? books.checks.of(burn.id) : [];
	};
	const before = new Set(known().map((check) => check.actId));
	return () =>
		({ almanac }: { readonly almanac: Parameters<typeof nextCheckWords>[1] }) => {
			const burn = books.burns.maybeOne(code);
			const check = known().find(({ actId }) => !before.has(actId));
			const failings = check ? failingsOf(check) : [];
			const proof = proofOf(books, burn?.id ?? 0, now_ms);
			const next = nextCheckWords(proof, almanac);
			return {
				head: `${code} checked in ${count(check?.places.length ?? 0, 'place', 'places')}`,
				text:
					failings.length > 0
						? `It does not pass: ${list(failings.map((failing) => failingWords[failing]))}. ${next}`
						: `All cold. ${proofReason(proof)} ${next}`.trim()
			};
		};
};

const seen = [
	['cold', 'no heat felt'],
	['warm', 'heat felt'],
	['smoke', 'smoke seen'],
	['white', 'white spots seen']
] as const;

/** What a check may say of its next place, or of the whole. */
function seenAt(after: string): readonly Completion[] {
	const said = after.slice(0, after.lastIndexOf(' '));
	const begun = after.slice(said.length + 1).toLowerCase();
	const whole = /^f\d+$/i.test(said) && 'all cold'.startsWith(begun);
	return [
		...(whole
			? [{ line: `${said} all cold`, shows: 'all cold', about: 'three places by hand' }]
			: []),
		...seen
			.filter(([word]) => word.startsWith(begun))
			.map(([word, about]) => ({ line: `${said} ${word} `, shows: word, about }))
	];
}
