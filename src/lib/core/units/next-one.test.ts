import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextOne, reach80 } from './index';

const usual = { ofLogs: 0.12, ofOne: Math.log(1.05) };

describe('where the next of a row will fall', () => {
	it('reaches as far as Student’s t says: 1.886 s with two degrees of freedom, 1.282 with very many', () => {
		expect(reach80(2)).toBe(1.886);
		expect(reach80(11)).toBe(1.363);
		// NIST tabulates 1.299 for 50 and 1.29 for 100; to 0.002.
		expect(reach80(50)).toBeCloseTo(1.299, 2);
		expect(reach80(1e6)).toBeCloseTo(1.2816, 4);
	});

	it('of three samples is the t of two degrees over their own spread', () => {
		const samples = [0.15, 0.18, 0.21];
		const logs = samples.map(Math.log);
		const mean = logs.reduce((a, b) => a + b) / 3;
		const s = Math.sqrt(logs.reduce((sum, log) => sum + (log - mean) ** 2, 0) / 2);
		const next = nextOne(samples, usual);
		expect(next.value).toBeCloseTo(Math.exp(mean), 12);
		expect(Math.log(next.high / next.value)).toBeCloseTo(1.886 * s * Math.sqrt(4 / 3), 9);
	});

	it('is never narrower than one sample’s own doubt, and leaves none of few samples out', () => {
		const same = nextOne([0.16, 0.16, 0.16, 0.16], usual);
		expect(same.high / same.value).toBeCloseTo(1.05, 9);
		const samples = fc.array(fc.double({ min: 0.01, max: 2, noNaN: true }), {
			minLength: 1,
			maxLength: 9
		});
		fc.assert(
			fc.property(samples, (row) => {
				const { low, value, high } = nextOne(row, usual);
				expect(low).toBeLessThanOrEqual(Math.min(...row));
				expect(high).toBeGreaterThanOrEqual(Math.max(...row));
				expect(Math.log(high / value)).toBeGreaterThanOrEqual(usual.ofOne - 1e-9);
			})
		);
	});

	it('holds eight in ten of the next, for three, five and twelve samples', () => {
		// Truth drawn apart: lognormal samples of 20 % around a middle, and the one that follows.
		let state = 7;
		const uniform = () => {
			state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
			return (state + 0.5) / 2 ** 32;
		};
		const drawn = () =>
			0.16 *
			Math.exp(0.2 * Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform()));
		for (const n of [3, 5, 12]) {
			const rounds = 4000;
			const within = Array.from({ length: rounds }, () => {
				const { low, high } = nextOne(Array.from({ length: n }, drawn), usual);
				const next = drawn();
				return next >= low && next <= high;
			}).filter(Boolean).length;
			// Aim 0.76–0.84; keeping all of five samples inside widens theirs a little.
			expect(within / rounds).toBeGreaterThan(0.77);
			expect(within / rounds).toBeLessThan(n === 5 ? 0.86 : 0.84);
		}
	});
});
