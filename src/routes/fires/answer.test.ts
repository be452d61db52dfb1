import { describe, expect, it } from 'vitest';
import { judgeBurn, type ProofState } from '$lib/core/fires';
import { firesAnswer, ownMeans } from './answer';

const proof = (proven: boolean): ProofState => ({ proven, overdue: false });
const burnt = (code: string, litres: number, charKg: number, proven = true) => ({
	burn: { code, record: { charLitres: litres } },
	proof: proof(proven),
	outcome: judgeBurn({
		way: 'open-kiln',
		woodKg: 200,
		charKg,
		brandsKg: 0,
		charLitres: litres
	})
});
const planned = { burn: { code: 'F9' } };

describe('what one’s own burns give', () => {
	it('is their mean, with the spread of single burns about it', () => {
		const means = ownMeans([burnt('F1', 200, 40), burnt('F2', 300, 50), planned]);
		expect(means?.volume.value).toBe(250);
		// s of 200 and 300 is 70.7 L
		expect(means?.volume.high).toBeCloseTo(250 + 1.2815515655 * Math.SQRT2 * 50, 6);
		expect(means?.massYield.value).toBeCloseTo(0.225, 12);
		expect(means?.massYield.from.map(({ name }) => name)).toEqual(['F1', 'F2']);
	});
	it('has no spread of one burn, and does not exist before the first', () => {
		const one = ownMeans([burnt('F1', 200, 40)]);
		expect(one?.volume.low).toBe(one?.volume.high);
		expect(ownMeans([planned])).toBeUndefined();
	});
	it('never reaches below nought or above all of the wood', () => {
		const wild = ownMeans([burnt('F1', 1, 1), burnt('F2', 900, 199)]);
		expect(wild?.volume.low).toBe(0);
		expect(wild?.massYield.high).toBeLessThanOrEqual(1);
	});
});

describe('what the fires answer', () => {
	it('names those not proven out first, then what a burn gives', () => {
		expect(firesAnswer([burnt('F1', 250, 45), burnt('F2', 250, 45, false)], 'metric')).toBe(
			'F2 is not proven out. Yours give 250 L a burn, 22.5 % of the dry wood'
		);
	});
	it('moves with the burns, and speaks gallons where asked', () => {
		const lines = [burnt('F1', 378.5411784, 45)];
		expect(firesAnswer(lines, 'us')).toContain('Yours give 100 gal a burn');
		expect(firesAnswer([...lines, burnt('F2', 189.2705892, 45)], 'us')).not.toContain('100 gal');
	});
	it('without a burn says how it stands', () => {
		expect(firesAnswer([], 'metric')).toMatch(/^No fire yet/);
		expect(firesAnswer([planned], 'metric')).toBe('One burn is planned');
	});
});
