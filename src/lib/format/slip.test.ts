import { describe, expect, it } from 'vitest';
import { sayInput } from './slip';

describe('an input of a figure', () => {
	const input = { name: 'rate', value: 5, unit: 'L/m²' as const };

	it('that the program brought along says on what ground it stands', () => {
		const told = (source: string) =>
			sayInput({ ...input, origin: 'default', source }, 'metric').origin;
		expect(told('Practice: 2–5 L/m² a time')).toBe('starting value, hearsay');
		expect(told('Trials report 1–5 kg dry per m²')).toBe('starting value, published');
		expect(told('A working assumption')).toBe('starting value, assumed');
	});

	it('that the grower measured says only that', () => {
		expect(sayInput({ ...input, origin: 'measured', source: 'practice' }, 'metric').origin).toBe(
			'measured'
		);
	});
});
