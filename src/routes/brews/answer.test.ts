import { describe, expect, it } from 'vitest';
import { brewAnswer, brewsAnswer } from './answer';

const almanac = { timeZone: 'UTC', now_ms: Date.UTC(2026, 10, 24, 12) };
const hour = (h: number) => Date.UTC(2026, 10, 24, h);
const window = {
	start_ms: hour(-18),
	usable_ms: hour(9),
	best_ms: hour(12),
	fading_ms: hour(20),
	past_ms: hour(23)
};
const brew = { code: 'B3', volume_ml: 20_000, window } as const;

describe('what brews answer', () => {
	it('is what stinks, then what is ripe, then what works', () => {
		expect(brewsAnswer([])).toMatch(/^Nothing brews/);
		expect(brewsAnswer([{ state: 'ripe' }, { state: 'working' }, { state: 'failed' }])).toBe(
			'One brew has failed, one brew is ripe and one brew works'
		);
	});

	it('of one is whether it is good, and until when', () => {
		expect(brewAnswer({ ...brew, state: 'ripe' }, almanac)).toBe(
			'B3 is ripe; use it before 24 Nov, 23:00'
		);
		expect(brewAnswer({ ...brew, state: 'working' }, almanac)).toBe(
			'B3 is ripe from 24 Nov, 09:00'
		);
		expect(brewAnswer({ ...brew, state: 'wants-smell' }, almanac)).toMatch(
			/smell it; use it before/
		);
		expect(brewAnswer({ ...brew, state: 'past' }, almanac)).toBe('B3 is off since 24 Nov, 23:00');
		expect(brewAnswer({ ...brew, volume_ml: 0, state: 'past' }, almanac)).toBe('B3 is used up');
	});
});
