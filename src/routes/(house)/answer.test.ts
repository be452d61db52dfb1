import { describe, expect, it } from 'vitest';
import { todayAnswer } from './answer';

const hot = { is: 'wrong', told: ['fire is not proven out', 'fires are not proven out'] } as const;
const failed = { is: 'wrong', told: ['charge has failed', 'charges have failed'] } as const;
const ripe = { is: 'ripe', told: ['charge is ripe', 'charges are ripe'] } as const;
const watch = {
	is: 'watch',
	told: ['fire wants another look', 'fires want another look']
} as const;

describe('what today answers', () => {
	it('on an empty database is what to do first', () =>
		expect(todayAnswer([], false)).toBe('Start in the woodyard: measure one pile'));

	it('counts together what is told alike, in the order it was given', () =>
		expect(todayAnswer([hot, failed, failed, ripe, ripe, ripe], true)).toBe(
			'One fire is not proven out, two charges have failed and three charges are ripe'
		));

	it('says the first four things, the most pressing, and that there is more', () => {
		const others = ['a', 'b', 'c', 'd'].map((one) => ({ is: 'due', told: [one, one] as const }));
		expect(todayAnswer([hot, ...others], true)).toBe(
			'One fire is not proven out, one a, one b, one c; more below'
		);
	});

	it('asks for another look only when nothing presses', () => {
		expect(todayAnswer([watch], true)).toBe('One fire wants another look');
		expect(todayAnswer([ripe, watch], true)).toBe('One charge is ripe');
		expect(todayAnswer([], true)).toBe('Nothing is wrong or ripe today');
	});
});
