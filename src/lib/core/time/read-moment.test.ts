import { describe, expect, it } from 'vitest';
import { localMoment, readDay, readMoment, weeksWithin, type DateOrder } from '.';

// A Tuesday, 12:00 in London.
const now = Date.UTC(2026, 10, 24, 12);
const read = (typed: string, order: DateOrder = 'day-first', timeZone = 'Europe/London') =>
	readMoment(typed, now, { timeZone, order });

describe('a moment as people say it', () => {
	it.each([
		['16:30', '2026-11-24T16:30'],
		['9.05', '2026-11-24T09:05'],
		['9am', '2026-11-24T09:00'],
		['9:15 pm', '2026-11-24T21:15'],
		['12 am', '2026-11-24T00:00'],
		['noon', '2026-11-24T12:00'],
		['yesterday', '2026-11-23T12:00'],
		['Yesterday 16:30', '2026-11-23T16:30'],
		['yesterday at 4pm', '2026-11-23T16:00'],
		['mon', '2026-11-23T12:00'],
		['last monday 7:15', '2026-11-23T07:15'],
		['thurs', '2026-11-19T12:00'],
		// The last Tuesday past, not today.
		['tue', '2026-11-17T12:00'],
		['2 days ago', '2026-11-22T12:00'],
		['a week ago', '2026-11-17T12:00'],
		['3 hours ago', '2026-11-24T09:00'],
		['20 Nov', '2026-11-20T12:00'],
		['20th November 9am', '2026-11-20T09:00'],
		['Nov 20', '2026-11-20T12:00'],
		['Dec 2', '2025-12-02T12:00'],
		['20 Nov 2024, 14:00', '2024-11-20T14:00'],
		['20.11.', '2026-11-20T12:00'],
		['20.11.25', '2025-11-20T12:00'],
		['16:30 20 Nov', '2026-11-20T16:30'],
		['2026-11-20 14:00', '2026-11-20T14:00'],
		['2026-11-20T14:00', '2026-11-20T14:00']
	])('%s is %s', (typed, local) => expect(read(typed)).toBe(local));

	it.each([
		['20 Nov', '2027-11-20'],
		['24 Nov', '2026-11-24'],
		['2 Dec', '2026-12-02'],
		['29 Feb', undefined],
		['tue', '2026-12-01'],
		['wed', '2026-11-25'],
		['next mon', '2026-11-30'],
		['tomorrow', '2026-11-25'],
		['in 2 weeks', '2026-12-08'],
		['1 Apr 2026', '2026-04-01']
	])('of a plan %s is %s', (typed, day) =>
		expect(
			readDay(typed, now, { timeZone: 'Europe/London', order: 'day-first', lies: 'ahead' })
		).toBe(day)
	);

	it('reads a short date in the grower’s own order', () => {
		expect(read('3/4/2026')).toBe('2026-04-03T12:00');
		expect(read('3/4/2026', 'month-first')).toBe('2026-03-04T12:00');
		expect(read('25/4/2026', 'month-first')).toBeUndefined();
		expect(read('3.4.2026', 'month-first')).toBe('2026-04-03T12:00');
	});

	it('is counted in the grower’s own zone', () => {
		const late = Date.UTC(2026, 10, 24, 23, 30);
		const there = { timeZone: 'Pacific/Auckland', order: 'day-first' as const };
		expect(readMoment('today', late, there)).toBe('2026-11-25T12:00');
		expect(localMoment(there.timeZone, late)).toBe('2026-11-25T12:30:00');
	});

	it.each(
		'|soon|25:00|12:75|13pm|2026-13-01|2026-02-30|30 Feb|mo|mond4y|monstera|march|satin|sunk|20 Novelty|31/31'.split(
			'|'
		)
	)('"%s" is none', (typed) => expect(read(typed)).toBeUndefined());
});

describe('the weeks within a span', () => {
	const span = ['2026-03-25T10:00:00Z', '2026-04-08T10:00:00Z'].map(Date.parse);
	const starts = (timeZone: string, first: number) =>
		weeksWithin(timeZone, first, [span[0]!, span[1]!]).map((at) => localMoment(timeZone, at));

	it('begin on the day said, at midnight of the place, over a change of clocks too', () => {
		expect(starts('Europe/London', 1)).toEqual(['2026-03-30T00:00:00', '2026-04-06T00:00:00']);
		expect(starts('America/New_York', 7)).toEqual(['2026-03-29T00:00:00', '2026-04-05T00:00:00']);
	});

	it('leave out one that began before', () => {
		// The span starts on a Wednesday at ten.
		expect(starts('UTC', 3)).toEqual(['2026-04-01T00:00:00', '2026-04-08T00:00:00']);
	});
});
