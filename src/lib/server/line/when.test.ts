import { describe, expect, it } from 'vitest';
import { readWhen } from './when';

// A Tuesday, 12:00 in London.
const now = Date.UTC(2026, 10, 24, 12);

describe('a moment in a line', () => {
	it.each([
		['16:30', '2026-11-24T16:30'],
		['9.05', '2026-11-24T09:05'],
		['yesterday', '2026-11-23T12:00'],
		['Yesterday 16:30', '2026-11-23T16:30'],
		['mon', '2026-11-23T12:00'],
		['monday 7:15', '2026-11-23T07:15'],
		// The last Tuesday past, not today.
		['tue', '2026-11-17T12:00'],
		['2026-11-20 14:00', '2026-11-20T14:00'],
		['2026-11-20T14:00', '2026-11-20T14:00']
	])('%s is %s', (typed, local) => expect(readWhen(typed, now, 'Europe/London')).toBe(local));

	it('is counted in the grower’s own zone', () =>
		expect(readWhen('today', Date.UTC(2026, 10, 24, 23, 30), 'Pacific/Auckland')).toBe(
			'2026-11-25T12:00'
		));

	it.each(['', 'soon', '25:00', '12:75', '2026-13-01', '2026-02-30', 'mo', 'mond4y'])(
		'"%s" is none',
		(typed) => expect(readWhen(typed, now, 'Europe/London')).toBeUndefined()
	);
});
