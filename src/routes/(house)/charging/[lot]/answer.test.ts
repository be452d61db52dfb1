import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import type { Readiness } from '$lib/core/charging';
import { chargeAnswer } from './answer';

const day = 86_400_000;
const now_ms = Date.UTC(2026, 4, 10, 12);
const window = {
	start_ms: now_ms - 10 * day,
	usable_ms: now_ms + 2 * day,
	best_ms: now_ms + 5 * day,
	fading_ms: now_ms + 20 * day,
	past_ms: now_ms + 40 * day
};
const answer = (state: Readiness, change: Partial<typeof window> | { usable_ms: null } = {}) =>
	wordsOf(
		chargeAnswer(
			{ code: 'C1', volume_ul: 60_000_000, state, window: { ...window, ...change } },
			'metric',
			{ timeZone: 'UTC', now_ms }
		)
	);

describe('is it ready', () => {
	it.each([
		['working', 'C1 is not ready: earliest 12 May, in 2 days, and a passed test'],
		['wants-test', 'C1 has reached its date: test it, then its 60 L may be used'],
		['failed', 'C1 failed its test: not ready, whatever its date says'],
		['ripe', 'C1 is ready: 60 L, good until 30 May'],
		['fading', 'C1 is fading: use its 60 L before 19 Jun'],
		['past', 'C1 is past its time: drain, wet and test its 60 L again']
	] as const)('%s', (state, sentence) => {
		expect(answer(state)).toBe(sentence);
	});
	it('in the cold has no date', () => {
		expect(answer('working', { usable_ms: null })).toContain('not while it stands this cold');
	});
	it('used up says so', () => {
		expect(
			wordsOf(
				chargeAnswer({ code: 'C1', volume_ul: 0, state: 'ripe', window }, 'metric', {
					timeZone: 'UTC',
					now_ms
				})
			)
		).toBe('C1 is used up');
	});
});
