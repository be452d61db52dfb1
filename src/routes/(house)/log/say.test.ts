import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { sayTrouble, viewOf } from './say.server';

const view = (happenedAt = '') =>
	viewOf(
		'a line',
		{
			reading: {
				status: 'understood',
				told: { head: 'C6 stirred', text: 'Kept.' },
				happenedAt,
				cautions: []
			},
			completions: [{ line: 'stir C6', shows: 'C6', about: 'soak', litres: 38 }]
		},
		'us'
	);

describe('a line in words', () => {
	it('names its moment, where it has one, and speaks the grower’s units', () => {
		expect(wordsOf(view().text)).toBe('Kept.');
		expect(wordsOf(view('2026-11-23T16:30').text)).toBe('Kept. On 2026-11-23, 16:30.');
		expect(view().ways[0]?.about).toBe('soak, 10 gal');
	});

	it('speaks of no field, list or page in a complaint', () => {
		const codes = [
			'bad-empty',
			'bad-number',
			'bad-unit',
			'bad-kind',
			'ask-comma',
			'ask-spoon',
			'bad-date',
			'bad-form',
			'sent-before',
			'choose',
			'future'
		];
		for (const code of codes) {
			const says = sayTrouble(
				[{ field: 'amount', code, facts: { part: '3 sacks', options: 'a | b' } }],
				'metric'
			);
			expect(says, code).not.toMatch(/field|list|form|leave it empty/i);
			expect(says, code).not.toContain('undefined');
		}
	});

	it('of what is far from the usual says how a line answers it', () =>
		expect(
			sayTrouble(
				[
					{ field: 'sure-far-temperature', code: 'far-temperature', facts: { before: 15, now: 68 } }
				],
				'metric'
			)
		).toBe(
			'The last reading was 15 °C, and this is 68 °C. If it is right all the same, say why after a semicolon.'
		));

	it('says of a complaint where in a line it is mended', () => {
		expect(
			sayTrouble([{ field: 'why-char-raw-K2', code: 'char-raw', facts: { code: 'K2' } }], 'metric')
		).toMatch(/raw char.*say why after a semicolon/);
		expect(sayTrouble([{ field: 'happenedAt', code: 'future' }], 'metric')).toContain(
			'@ yesterday'
		);
	});
});
