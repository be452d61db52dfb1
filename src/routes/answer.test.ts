import { describe, expect, it } from 'vitest';
import { todayAnswer, type TodayFacts } from './answer';

const quiet: TodayFacts = {
	hot: 0,
	failed: 0,
	ripe: 0,
	wantTest: 0,
	fading: 0,
	watch: 0,
	due: 0,
	has: { stacks: true, vessels: true, beds: true, burns: true }
};

describe('what today answers', () => {
	it('on an empty database is what to do first', () => {
		expect(
			todayAnswer({ ...quiet, has: { stacks: false, vessels: false, beds: false, burns: false } })
		).toBe('Start in the woodyard: measure one pile');
	});
	it('puts a fire not proven out before all else', () => {
		expect(todayAnswer({ ...quiet, ripe: 3, hot: 1, failed: 2 })).toBe(
			'One fire is not proven out, two charges have failed and three charges are ripe'
		);
	});
	it('asks for another look only when nothing presses', () => {
		expect(todayAnswer({ ...quiet, watch: 1 })).toBe('One fire wants another look');
		expect(todayAnswer({ ...quiet, watch: 1, due: 1, ripe: 1 })).toBe(
			'One fire wants the next check and one charge is ripe'
		);
		expect(todayAnswer({ ...quiet, watch: 1, wantTest: 1 })).toBe('One wants its test');
		expect(todayAnswer(quiet)).toBe('Nothing is wrong or ripe today');
	});
});
