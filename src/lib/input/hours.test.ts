import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { laterTime, readAct, type Reading } from './form';

const reading: Reading = {
	...{ timeZone: 'Europe/Berlin', person: 'Oda', now_ms: Date.UTC(2026, 10, 24, 12) },
	system: 'metric'
};
const read = (values: Record<string, string>) =>
	readAct(z.object({}), { actId: 'hours-0001', ...values }, reading);
const complaint = (values: Record<string, string>) => {
	const result = read(values);
	return result.ok ? undefined : result.issues.map(({ field, code }) => [field, code]);
};

describe('the hour of an act', () => {
	it('that there was not is refused, with the two around it', () => {
		const result = read({ happenedAt: '2026-03-29T02:15' });
		expect(result.ok ? [] : result.issues).toEqual([
			{ field: 'happenedAt', code: 'hour-skipped', facts: { before: '01:15', after: '03:15' } }
		]);
	});

	it('that came twice is asked for in a field of its own, and taken once that is said', () => {
		const twice = { happenedAt: '2026-10-25T02:15' };
		expect(complaint(twice)).toEqual([['hourTwice', 'hour-twice']]);
		const at = (hourTwice: string) => {
			const result = read({ ...twice, hourTwice });
			return result.ok ? result.value.envelope.happenedAt_ms : NaN;
		};
		expect(at('first')).toBe(Date.UTC(2026, 9, 25, 0, 15));
		expect(at('second')).toBe(Date.UTC(2026, 9, 25, 1, 15));
	});

	it('of a year long ago is asked about, and of a plan none of both', () => {
		expect(complaint({ happenedAt: '1926-11-20T10:00' })).toEqual([['happenedAt', 'early-year']]);
		expect(complaint({ happenedAt: '2026-11-20T10:00' })).toBeUndefined();
		expect(laterTime(reading).safeParse('2026-10-25T02:15').success).toBe(true);
	});
});
