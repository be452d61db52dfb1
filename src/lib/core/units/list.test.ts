import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partList } from './list';

describe('a list of readings', () => {
	it.each([
		['49,5 31', ['49.5', '31']],
		['18,5 20,5 19,5', ['18.5', '20.5', '19.5']],
		['18,5; 20,5;19,5', ['18.5', '20.5', '19.5']],
		['19, 22 and 24', ['19', '22', '24']],
		['19/22/24', ['19', '22', '24']],
		['19,22,24', ['19', '22', '24']],
		['19,22 24.5', ['19', '22', '24.5']],
		['18,5 20,25', ['18.5', '20.25']],
		['>30,>30 12', ['>30', '>30', '12']],
		['cold,cold,warm', ['cold', 'cold', 'warm']],
		['-2,5 3', ['-2.5', '3']],
		['19,5% 22%', ['19.5%', '22%']],
		['49,5°C 31', ['49.5°C', '31']],
		['', []]
	])('%s', (text, words) => expect(partList(text)).toEqual({ status: 'ok', words }));

	it.each([
		['19,22', ['19 22', '19.22']],
		['1,250 40', ['1 250', '1.250']]
	])('%s could be two things, and is asked back', (text, options) =>
		expect(partList(text)).toEqual({ status: 'ask', code: 'comma', options })
	);

	it('reads what its own question offers as one of the two', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 99 }), fc.integer({ min: 10, max: 999 }), (a, b) => {
				const asked = partList(`${a},${b}`);
				if (asked.status !== 'ask') throw new Error('it was not asked');
				const [two = '', one = ''] = asked.options;
				expect(partList(two)).toMatchObject({ words: [String(a), String(b)] });
				expect(partList(one)).toMatchObject({ words: [`${a}.${b}`] });
			})
		);
	});
});
