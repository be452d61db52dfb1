import { describe, expect, it } from 'vitest';
import type { Consequence } from '$lib/server/line/sending';
import { wordsOf } from '$lib/format/sentence';
import { sayTrouble, viewOf } from './say.server';

const almanac = { timeZone: 'UTC', now_ms: Date.UTC(2026, 10, 24, 12) };
const view = (consequence: Consequence, happenedAt = '', system: 'metric' | 'us' = 'metric') =>
	viewOf(
		'a line',
		{ reading: { status: 'understood', consequence, happenedAt }, completions: [] },
		almanac,
		system
	);
const spread: Consequence = {
	verb: 'spread',
	lot: 'C4',
	bed: 'Mere 2',
	mix_l: 38,
	char_l: 38,
	shareBefore: 0.0167,
	shareAfter: 0.0483,
	left_l: 42
};

describe('a line in words', () => {
	it.each<[Consequence, string, string]>([
		[spread, 'Spread 38 L of C4 on Mere 2', 'goes from 1.7 % to 4.8 %, and C4 keeps 42 L'],
		[
			{ verb: 'moist', code: 'S7', name: 'larch', state: undefined },
			'Readings of S7 larch',
			'not read yet'
		],
		[{ verb: 'temp', name: 'F7', celsius: 640, zone: 'hot' }, 'F7 at 640 °C', 'most stable carbon'],
		[
			{ verb: 'temp', name: 'F6', celsius: 38, proving: true },
			'F6 at 38 °C',
			'Only a check in three places proves a fire out'
		],
		[
			{
				verb: 'check',
				code: 'F6',
				places: 1,
				failings: ['places'],
				proof: { stage: 'unproven', passed: 0, of: 4, overdue: false }
			},
			'F6 checked in one place',
			'does not pass: fewer than three places'
		],
		[
			{
				verb: 'check',
				code: 'F6',
				places: 3,
				failings: [],
				proof: { stage: 'once', passed: 1, of: 4, overdue: false }
			},
			'F6 checked in three places',
			'All cold. One of four checks passed.'
		],
		[
			{ verb: 'count', code: 'C4', from_l: 80, to_l: 62 },
			'C4 counted at 62 L',
			'The books had 80 L: 18 L less'
		],
		[
			{ verb: 'crush', code: 'K9', made: 'K13', before_l: 90, after_l: 60 },
			'90 L of K9 crushed to 60 L',
			'It becomes K13; 33.3 % packed away'
		],
		[{ verb: 'note', place: 'bed', name: 'Mere 2', words: 'slugs' }, 'A note at Mere 2', '"slugs"']
	])('%o', (consequence, head, text) => {
		const said = view(consequence);
		expect(wordsOf(said.head)).toBe(head);
		expect(wordsOf(said.text)).toContain(text);
	});

	it('names its moment, where it has one, and speaks the grower’s units', () => {
		expect(wordsOf(view(spread, '2026-11-23T16:30').text)).toMatch(/On 2026-11-23, 16:30\.$/);
		expect(wordsOf(view(spread, '', 'us').head)).toBe('Spread 10 gal of C4 on Mere 2');
	});

	it('says of a complaint where in a line it is mended', () => {
		expect(
			sayTrouble([{ field: 'reason', code: 'reason-wanted', facts: { why: 'raw' } }], 'metric')
		).toMatch(/Say why it is right here.*after a semicolon/);
		expect(sayTrouble([{ field: 'happenedAt', code: 'future' }], 'metric')).toContain(
			'@ yesterday'
		);
	});
});
