import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { dryToBurn, woodyardAnswer } from './answer';
import { freshEntry, reckonStack } from './reckoning';

const typed = (values: Record<string, string>) =>
	reckonStack(freshEntry(values), {
		system: 'metric',
		measures: [{ name: 'barrow', litres: 78 }]
	});

describe('a pile as typed', () => {
	it('answers from two numbers, and more narrowly from three', () => {
		const two = typed({ length: '2', height: '1.2' });
		const three = typed({ length: '2', height: '1.2', width: '1' });
		expect(two?.dry.value).toBeCloseTo(three?.dry.value ?? 0, 9);
		expect(two?.dry.high).toBeGreaterThan(three?.dry.high ?? 0);
		expect(typed({ length: '2' })).toBeUndefined();
	});
	it('counts own measures, and keeps what was typed as its source', () => {
		const barrows = typed({ sizedBy: 'measures', filled: '3 1/2 barrows' });
		expect(barrows?.loose.value).toBe(273);
		expect(barrows?.loose.from[0]?.source).toBe('3 1/2 barrows');
	});
	it.each([
		{ length: '1,250', height: '1' },
		{ length: '2', height: '1', form: 'heap' },
		{ length: '2', height: '1', wood: 'stone' },
		{ length: '100', height: '100', width: '100' },
		{ sizedBy: 'measures', filled: '40 cups of tea' }
	] as Record<string, string>[])('as %o is none yet', (values) => {
		expect(typed(values)).toBeUndefined();
	});
});

describe('what the yard answers', () => {
	const line = (code: string, burnable: string, kg: number) => ({
		burnable,
		left: { value: kg, low: kg * 0.9, high: kg * 1.1 },
		stack: { code, name: 'rods', measure: { form: 'rods' as const, wood: 'canes' as const } }
	});
	it('sums only what may burn, with its range, and counts the rest', () => {
		const lines = [line('S1', 'ready', 100), line('S2', 'slower', 50), line('S3', 'held', 400)];
		expect(dryToBurn(lines)).toMatchObject({
			value: 150, // Alike, each shares half of its variance with the other.
			low: 150 - Math.hypot((10 + 5) * Math.SQRT1_2, 10 * Math.SQRT1_2, 5 * Math.SQRT1_2)
		});
		expect(wordsOf(woodyardAnswer(lines, 'metric'))).toBe(
			'137–163 kg of dry wood may burn now; one stack is quarantined'
		);
	});
	it('says that nothing may burn, or that nothing is measured', () => {
		expect(wordsOf(woodyardAnswer([line('S1', 'unread', 5)], 'metric'))).toBe(
			'Nothing may burn yet: one stack is wet, unread or held'
		);
		expect(wordsOf(woodyardAnswer([], 'metric'))).toMatch(/measure one pile$/);
	});
});
