import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { localMoment, momentOf, readLocal } from './index';

const zone = 'Europe/Berlin';

describe('a local hour', () => {
	it('that clocks skip is none: the two around it are told', () => {
		expect(readLocal('2026-03-29T02:30', zone)).toMatchObject({
			is: 'none',
			before: '01:30',
			after: '03:30'
		});
		expect(momentOf('2026-03-29T02:30', zone)).toBe(Date.UTC(2026, 2, 29, 1, 30));
	});

	it('that comes twice is two, until it is said which', () => {
		const [first, second] = [Date.UTC(2026, 9, 25, 0, 30), Date.UTC(2026, 9, 25, 1, 30)];
		expect(readLocal('2026-10-25T02:30', zone)).toEqual({
			is: 'two',
			first_ms: first,
			second_ms: second
		});
		expect(readLocal('2026-10-25T02:30 first', zone)).toEqual({ is: 'one', at_ms: first });
		expect(readLocal('2026-10-25T02:30 second', zone)).toEqual({ is: 'one', at_ms: second });
		expect(momentOf('2026-10-25T02:30', zone)).toBe(first);
	});

	it.each(['', ' ', 'second', '2026-02-30T10:00', 'noon'])('%j is no moment', (typed) =>
		expect(readLocal(typed, zone)).toBeUndefined()
	);

	it('of any moment comes back to it, or is one of its two', () => {
		fc.assert(
			fc.property(fc.integer({ min: Date.UTC(1990, 0), max: Date.UTC(2040, 0) }), (ms) => {
				const at_ms = Math.floor(ms / 60_000) * 60_000;
				const read = readLocal(localMoment(zone, at_ms), zone);
				expect(read?.is).not.toBe('none');
				if (read?.is === 'two') expect([read.first_ms, read.second_ms]).toContain(at_ms);
				else expect(read).toEqual({ is: 'one', at_ms });
			})
		);
	});
});
