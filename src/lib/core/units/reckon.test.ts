import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate } from '../../../../tests/fixtures/formula';
import { added, atMost, between, earlier, known, less, over, raised, reckon, times } from './index';

const plain = (value: number) => value;
const leaf = (name: string, low: number, high = low) =>
	known(name, between(low, high), 'L', 'default', 'a test', { id: name });

describe('a figure by its terms', () => {
	it('combines the doubt of a product as ratios, in quadrature', () => {
		const figure = reckon(plain, times(leaf('a', 40, 90), leaf('b', 2)), { unit: 'L', basis: '' });
		expect(figure).toMatchObject({ value: 120, formula: 'a × b' });
		expect(figure.low).toBeCloseTo(80, 9);
		expect(figure.high).toBeCloseTo(180, 9);
	});

	it('moves a leaf that enters twice once, through an earlier figure too', () => {
		const char = leaf('char', 50, 200);
		const mix = reckon(plain, added(char, leaf('compost', 100)), { unit: 'L', basis: '' });
		const share = reckon(plain, over(char, earlier('mix', mix)), { unit: 'share', basis: '' });
		expect(share.formula).toBe('char ÷ mix');
		expect(share.low).toBeCloseTo(50 / 150, 9);
		expect(share.high).toBeCloseTo(200 / 300, 9);
	});

	it('lets lots of one likeness share half of their variance', () => {
		const like = (name: string) =>
			known(name, between(50, 200), 'kg', 'default', 'a test', { id: name, likeness: 'brush' });
		const unlike = reckon(plain, added(leaf('a', 50, 200), leaf('b', 50, 200)), {
			unit: 'kg',
			basis: ''
		});
		const alike = reckon(plain, added(like('a'), like('b')), { unit: 'kg', basis: '' });
		expect(alike.high).toBeGreaterThan(unlike.high);
		expect(alike.high).toBeLessThan(400);
	});

	it('tells whose the doubt is', () => {
		const figure = reckon(plain, times(leaf('wide', 10, 1000), leaf('sure', 3)), {
			unit: 'L',
			basis: ''
		});
		expect(figure.from.map(({ name, doubt }) => [name, doubt])).toEqual([
			['wide', 1],
			['sure', undefined]
		]);
	});

	it('brackets what must be bracketed', () => {
		const [a, b, c] = ['a', 'b', 'c'].map((name) => leaf(name, 2, 3)) as [
			ReturnType<typeof leaf>,
			ReturnType<typeof leaf>,
			ReturnType<typeof leaf>
		];
		const text = (term: Parameters<typeof reckon>[1]) =>
			reckon(plain, term, { unit: 'L', basis: '' }).formula;
		expect(text(times(added(a, b), c))).toBe('(a + b) × c');
		expect(text(over(a, times(b, c)))).toBe('a ÷ (b × c)');
		expect(text(less(a, less(b, c)))).toBe('a − (b − c)');
		expect(text(less(1, raised(a, 2)))).toBe('1 − a²');
		expect(text(atMost(added(a, b), c))).toBe('the smaller of (a + b; c)');
	});

	it('prints a formula that gives its value, for terms of any make', () => {
		const amount = fc.double({ min: 0.1, max: 50, noNaN: true });
		const names = ['a', 'b of c', 'already held, drained', 'kg dry char'];
		const { term } = fc.letrec<{ term: Parameters<typeof reckon>[1] }>((tie) => ({
			term: fc.oneof(
				{ maxDepth: 4 },
				fc.tuple(fc.constantFrom(...names), amount).map(([name, value]) => leaf(name, value)),
				fc
					.tuple(fc.constantFrom(added, times, over, less, atMost), tie('term'), tie('term'))
					.map(([join, x, y]) => join(x, y)),
				tie('term').map((x) => raised(x, 2))
			)
		}));
		fc.assert(
			fc.property(term, (drawn) => {
				// One name is one amount.
				const values = new Map<string, number>();
				const figure = reckon(plain, sameNames(drawn, values), { unit: 'L', basis: '' });
				if (!Number.isFinite(figure.value) || Math.abs(figure.value) > 1e12) return;
				const again = evaluate(figure.formula, new Map(figure.from.map((i) => [i.name, i.value])));
				expect(Math.abs(again - figure.value)).toBeLessThanOrEqual(
					1e-6 * Math.max(1, Math.abs(figure.value))
				);
			})
		);
	});
});

function sameNames(
	term: Parameters<typeof reckon>[1],
	values: Map<string, number>
): Parameters<typeof reckon>[1] {
	if (term.is === 'leaf') {
		const value = values.get(term.name) ?? term.value;
		values.set(term.name, value);
		return leaf(term.name, value);
	}
	if (term.is === 'joined')
		return { ...term, of: term.of.map((below) => sameNames(below, values)) };
	if (term.is === 'raised') return { ...term, of: sameNames(term.of, values) };
	return term;
}
