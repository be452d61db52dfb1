import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { firesAnswer, meansByWay, ownMeans, type Given } from './answer';

const gave = (
	code: string,
	litres: number,
	massYield: number,
	way: Given['way'] = 'open-kiln'
): Given => ({
	code,
	way,
	litres,
	massYield
});

describe('what one’s own burns give', () => {
	it('is their mean, with the spread of single burns about it', () => {
		const means = ownMeans([gave('F1', 200, 0.2), gave('F2', 300, 0.25)]);
		expect(means?.volume.value).toBe(250);
		// s of 200 and 300 is 70.7 L
		expect(means?.volume.high).toBeCloseTo(250 + 1.2815515655 * Math.SQRT2 * 50, 6);
		expect(means?.massYield.value).toBeCloseTo(0.225, 12);
		expect(means?.massYield.from.map(({ name }) => name)).toEqual([
			'mean of own burns',
			'F1',
			'F2'
		]);
	});
	it('has no spread of one burn, and does not exist before the first', () => {
		const one = ownMeans([gave('F1', 200, 0.2)]);
		expect(one?.volume.low).toBe(one?.volume.high);
		expect(ownMeans([])).toBeUndefined();
	});
	it('never reaches below nought or above all of the wood', () => {
		const wild = ownMeans([gave('F1', 1, 0.01), gave('F2', 900, 0.99)]);
		expect(wild?.volume.low).toBe(0);
		expect(wild?.massYield.high).toBeLessThanOrEqual(1);
	});
	it('names a dozen of many, and counts them all', () => {
		const many = Array.from({ length: 60 }, (_, i) => gave(`F${i}`, 200 + i, 0.2));
		expect(ownMeans(many)?.volume.from.length).toBe(13);
		expect(ownMeans(many)?.volume.from[0]?.source).toContain('60 own burns');
	});
});

describe('what the fires answer', () => {
	const facts = { given: [gave('F1', 250, 0.225)], hot: [], planned: 0 };
	it('names those not proven out first, then what a burn gives', () => {
		expect(wordsOf(firesAnswer({ ...facts, hot: ['F2'] }, 'metric'))).toBe(
			'F2 is not proven out. An open kiln of yours gives 250 L a burn, 22.5 % of the dry wood'
		);
	});
	it('moves with the burns, and speaks gallons where asked', () => {
		const given = [gave('F1', 378.5411784, 0.2)];
		expect(wordsOf(firesAnswer({ ...facts, given }, 'us'))).toBe(
			'All fires are proven out. An open kiln of yours gives 100 gal a burn, 20 % of the dry wood'
		);
		expect(
			wordsOf(firesAnswer({ ...facts, given: [...given, gave('F2', 189.2705892, 0.2)] }, 'us'))
		).not.toContain('100 gal');
	});
	it('tells a kiln from a pail of embers, and speaks of what gives most', () => {
		const mixed = [gave('F3', 12, 0.1, 'stove'), ...facts.given, gave('F4', 14, 0.1, 'stove')];
		expect(meansByWay(mixed).map(({ way, means }) => [way, means.volume.value])).toEqual([
			['open-kiln', 250],
			['stove', 13]
		]);
		expect(wordsOf(firesAnswer({ ...facts, given: mixed }, 'metric'))).toContain('250 L a burn');
	});
	it('without a burn says how it stands', () => {
		expect(wordsOf(firesAnswer({ ...facts, given: [] }, 'metric'))).toMatch(/^No fire yet/);
		expect(wordsOf(firesAnswer({ ...facts, given: [], planned: 1 }, 'metric'))).toBe(
			'One burn is planned'
		);
	});
});
