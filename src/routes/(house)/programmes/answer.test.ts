import { describe, expect, it } from 'vitest';
import type { StartBy } from '$lib/core/brews';
import { programmesAnswer } from './answer';

const almanac = { timeZone: 'UTC', now_ms: Date.UTC(2026, 10, 24, 12) };
const on = (day: number, hour = 17) => Date.UTC(2026, 10, day, hour);
const start = (day: number): StartBy => ({
	recipe: 'microbe-tea',
	start_ms: on(day, 19),
	ripe_ms: on(day + 2)
});
const round = (day: number, state: string, starts: readonly StartBy[] = []) => ({
	at_ms: on(day),
	state,
	starts
});
const programme = { name: 'Dye beds' };

describe('what programmes answer', () => {
	it('is the round that is due and what serves it, else what must be started', () => {
		expect(programmesAnswer([], almanac)).toMatch(/^No programme yet/);
		expect(
			programmesAnswer([{ programme, now: { ...round(24, 'due'), served: 'B4' } }], almanac)
		).toBe('The round of Dye beds is due, and B4 serves it');
		expect(programmesAnswer([{ programme, next: round(28, 'ahead', [start(26)]) }], almanac)).toBe(
			'The next round is on 28 Nov; start multiplied microbe tea 26 Nov, 19:00'
		);
		expect(programmesAnswer([{ programme, now: round(24, 'due', [start(22)]) }], almanac)).toMatch(
			/should have been started 22 Nov/
		);
		expect(programmesAnswer([{ programme }], almanac)).toBe('Every programme has run its course');
	});
});
