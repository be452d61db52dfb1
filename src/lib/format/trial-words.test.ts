import { describe, expect, it } from 'vitest';
import { judgePairs, layOut, outcomeOf, type Arm, type Outcome } from '../core/trials';
import {
	armName,
	besideControl,
	findingWords,
	reachWords,
	sayP,
	saySpread,
	sayValue,
	stripsAnswer,
	trialAnswer
} from './trial-words';

const arms: readonly Arm[] = [
	{ kind: 'nothing' },
	{ kind: 'raw', share: 5 },
	{ kind: 'charged', share: 5 }
];
const outcome = (of: readonly Arm[], gives: readonly number[], measure = 'height'): Outcome => {
	const units = layOut({ arms: of, blocks: 6, order: 'drawn', seed: 3 });
	return outcomeOf(
		{ arms: of, units, order: 'drawn', seed: 3, lost: [], isBlocked: true, isBlind: true },
		measure as 'height',
		units.map(({ n, arm, block }) => ({
			n,
			at_ms: 0,
			value: (gives[arm] ?? 0) + block + ((n * 7) % 5) / 4
		}))
	);
};

describe('what a trial says', () => {
	it('which did better, which worse, and of which nothing is shown', () => {
		expect(trialAnswer(arms, outcome(arms, [20, 14, 26]))).toBe(
			'Charged char 5 % did better than bare soil; raw char 5 % did worse'
		);
		expect(trialAnswer(arms, outcome(arms, [20, 20, 26]))).toBe(
			'Charged char 5 % did better than bare soil; of raw char 5 % no difference is shown'
		);
	});

	it('sooner is better where days are counted', () =>
		expect(trialAnswer(arms, outcome(arms, [20, 20, 10], 'emergence'))).toContain(
			'Charged char 5 % did better'
		));

	it('without a control nothing is told of bare soil', () => {
		const without = arms.slice(1);
		expect(trialAnswer(without, outcome(without, [10, 30]))).toBe(
			'One pair differs; what bare soil gives is not known'
		);
		expect(trialAnswer(without, outcome(without, [10, 10]))).toBe(
			'No difference between the arms is shown'
		);
	});

	it('of nothing read, or one of each, it says so', () => {
		expect(trialAnswer(arms, undefined)).toBe('Nothing was read of it yet');
		const one = outcomeOf(
			{
				...{ arms, order: 'drawn', seed: 1, lost: [], isBlocked: false, isBlind: true },
				units: layOut({ arms, blocks: 1, order: 'drawn', seed: 1 })
			},
			'height',
			[1, 2, 3].map((n) => ({ n, at_ms: 0, value: n }))
		);
		expect(trialAnswer(arms, one)).toContain('nothing to judge by');
	});

	it('each beside the control, the way round that is asked, with its interval', () => {
		const told = outcome(arms, [20, 20, 26]);
		const beside = besideControl(arms, told);
		expect(beside.map(({ beside: b }) => b)).toEqual([0, 0]);
		expect(findingWords(arms, beside[1]!, told, 'metric')).toMatch(
			/^Charged char 5 %: [\d.]+ cm more than bare soil, [\d.]+ cm to [\d.]+ cm more\.$/
		);
		expect(findingWords(arms, beside[0]!, told, 'metric')).toContain(
			'No difference shown is not no difference.'
		);
		expect(reachWords(told)).toMatch(/some \d+ % of the mean/);
	});
});

describe('figures of trials', () => {
	it('have the unit of their measure, in either system', () => {
		expect(sayValue('height', 30, 'metric')).toBe('30 cm');
		expect(sayValue('harvest', 31, 'metric')).toBe('31 g');
		expect(sayValue('harvest', 28.35, 'us')).toBe('1 oz');
		expect(sayValue('emergence', 9, 'metric')).toBe('9 days');
		expect(sayValue('score', 3.5, 'metric')).toBe('3.5');
		expect(armName({ kind: 'other', name: 'seaweed', share: 2.5 })).toBe('seaweed 2.5 %');
	});

	it('spans are told one way, both ways, and without an end', () => {
		const spread = (low: number, high: number) => saySpread('score', { low, high }, 'metric');
		expect(spread(2, 12)).toBe('2 to 12 more');
		expect(spread(-9, -2)).toBe('2 to 9 less');
		expect(spread(-2, 8)).toBe('between 2 less and 8 more');
		expect(spread(-Infinity, Infinity)).toBe('how far apart is not told');
		expect([0.0004, 0.0503, 0.012, 0.41].map(sayP)).toEqual(['< 0.001', '0.0503', '0.012', '0.41']);
	});

	it('strips are told as pairs, and too few as too few', () => {
		expect(stripsAnswer(judgePairs([]))).toBe('No strip was looked at yet');
		expect(stripsAnswer(judgePairs([{ treated: 4, untreated: 3 }]))).toContain('too few');
		expect(
			stripsAnswer(
				judgePairs([
					{ treated: 4, untreated: 3 },
					{ treated: 5, untreated: 4 },
					{ treated: 3, untreated: 3 }
				])
			)
		).toMatch(/^Three pairs: treated gave 19 % more, between .*; 2 of 2 that differ went up$/);
	});
});
