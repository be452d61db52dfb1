import { describe, expect, it } from 'vitest';
import { testSchema } from './batch';
import type { Values } from './form';

const reading = { timeZone: 'UTC', person: 'Oda', now_ms: 0 };
const wanted = ['sinks', 'earthy', 'no-ammonia'] as const;
const read = (values: Values) => testSchema(reading, 'C1', values, wanted).safeParse(values);
const codes = (values: Values) =>
	read(values).error?.issues.map(({ message, path }) => [path[0], message]) ?? [];
const by = (checks: string, more: Values = {}) => ({ passed: 'by-checks', checks, ...more });

describe('the ready test of a charge', () => {
	it('that looked at a part of what is looked at asks for the rest, and fails nothing', () => {
		expect(codes(by('sinks'))).toEqual([['checks', 'checks-rest']]);
		expect(read(by('sinks\nearthy\nno-ammonia')).data).toMatchObject({ passed: true });
		expect(read(by('sinks', { failed: 'on' })).data).toMatchObject({ passed: false });
		expect(codes(by(''))).toEqual([['checks', 'tick-or-failed']]);
	});

	it('by a sign that is none of its own says which those are', () => {
		expect(codes(by('sinks\ncooled'))).toEqual([['checks', 'not-its-check']]);
	});

	it('by cress is left to the server, and wants its six numbers', () => {
		const counted = {
			germinated: '14',
			seeds: '25',
			root: '20',
			controlGerminated: '24',
			controlSeeds: '25',
			controlRoot: '40'
		};
		expect(read({ passed: 'by-cress', ...counted }).data).toMatchObject({ passed: 'by-cress' });
		expect(codes({ passed: 'by-cress' })).toEqual([['germinated', 'bad-empty']]);
	});
});
