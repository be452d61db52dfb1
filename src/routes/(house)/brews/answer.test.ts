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
const brew = { code: 'B3', recipe: 'aerated-tea', volume_ul: 20_000_000, window } as const;

describe('what brews answer', () => {
	it('is what failed, then what is ripe, then what works; a jar of culture is not asked for', () => {
		expect(brewsAnswer([])).toMatch(/^Nothing brews/);
		const tea = (state: 'ripe' | 'working' | 'failed') => ({
			state,
			recipe: 'aerated-tea' as const
		});
		expect(
			brewsAnswer([
				tea('ripe'),
				tea('working'),
				tea('failed'),
				{ state: 'ripe', recipe: 'kept-culture' }
			])
		).toBe(
			'One brew has failed, one brew is ripe and one brew works, besides one culture on the shelf'
		);
		expect(brewsAnswer([tea('ripe')], ['microbe-tea', 'microbe-tea'])).toBe(
			'One brew is ripe; multiplied microbe tea must be started today'
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
		expect(brewAnswer({ ...brew, volume_ul: 0, state: 'past' }, almanac)).toBe('B3 is used up');
	});

	it('of a culture is how long it keeps, of black grain that it goes out unopened', () => {
		const jar = { ...brew, recipe: 'kept-culture' as const };
		expect(brewAnswer({ ...jar, state: 'ripe' }, almanac)).toBe(
			'B3 is ripe; it keeps until 24 Nov, 23:00'
		);
		expect(brewAnswer({ ...brew, recipe: 'grain-culture', state: 'failed' }, almanac)).toBe(
			'B3 has failed: discard it unopened'
		);
	});
});
