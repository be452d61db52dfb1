import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	alters,
	balanceOf,
	changeTo,
	closures,
	contentsOf,
	dryKg,
	firstShortfall,
	plus,
	recounted,
	residue,
	substances,
	takePart,
	takenFrom,
	trace,
	weighedAnew,
	type Amount,
	type Contents
} from './index';

const amount = (volume_ul: number, contents: Contents = {}): Amount => ({
	volume_ul,
	mass_mg: Math.round(volume_ul / 2),
	contents
});
const line = (id: number, happened_at_ms: number, volume_ul: number, char = 0) => ({
	id,
	happened_at_ms,
	direction: volume_ul + char < 0 ? ('out' as const) : ('in' as const),
	...amount(Math.abs(volume_ul), char === 0 ? {} : { char: Math.abs(char) })
});

describe('the books of a lot', () => {
	it('hold while nothing is taken before it came', () => {
		expect(firstShortfall([line(1, 10, 100), line(2, 20, -100)])).toBeUndefined();
		expect(firstShortfall([line(1, 10, 100), line(2, 5, -100)])).toEqual({
			at_ms: 5,
			missing_ul: 100,
			missing_mg: 0
		});
	});

	it('find a shortfall in the middle that the end hides, of litres or of what is in them', () => {
		expect(firstShortfall([line(1, 0, 50), line(2, 10, -80), line(3, 20, 100)])).toMatchObject({
			at_ms: 10,
			missing_ul: 30
		});
		expect(firstShortfall([line(1, 0, 50, 7), line(2, 10, -5, -9)])).toMatchObject({
			missing_ul: 0,
			missing_mg: 2
		});
	});

	it('come to what was counted, contents in proportion, and to nought when nothing was found', () => {
		const held = amount(1000, { char: 200, nitrogen: 30 });
		expect(recounted(held, 900)).toMatchObject({
			volume_ul: 900,
			contents: { char: 180, nitrogen: 27 }
		});
		expect(recounted(held, 0)).toEqual({ volume_ul: 0, mass_mg: 0, contents: {} });
		expect(() => recounted(amount(0), 5)).toThrow(/nothing to scale/);
		const { comes, goes } = changeTo(held, recounted(held, 900));
		expect([comes.volume_ul, goes.volume_ul, goes.contents]).toEqual([
			0,
			100,
			{ char: 20, nitrogen: 3 }
		]);
	});

	it('are weighed anew by a better density of one sort alone', () => {
		const now = weighedAnew(amount(10_000_000, { char: 1_500_000, other: 9 }), 'char', 0.18);
		expect(now.contents).toEqual({ char: 1_800_000, other: 9 });
		expect(now.volume_ul).toBe(10_000_000);
	});

	const held = fc.record({
		volume_ul: fc.integer({ min: 1, max: 1e6 }),
		mass_mg: fc.integer({ min: 0, max: 1e6 }),
		contents: fc.dictionary(
			fc.constantFrom(...substances),
			fc.integer({ min: 1, max: 1e9 })
		) as fc.Arbitrary<Contents>
	});

	it('never lose or make a milligram by taking a lot in parts', () => {
		fc.assert(
			fc.property(
				held,
				fc.array(fc.integer({ min: 1, max: 1e5 }), { maxLength: 20 }),
				(whole, parts) => {
					let left: Amount = whole;
					let taken: Contents = {};
					for (const part of parts) {
						if (left.volume_ul === 0) break;
						const took = takePart(left, Math.min(part, left.volume_ul));
						taken = plus(taken, took.contents);
						left = takenFrom(left, took);
					}
					if (left.volume_ul > 0) taken = plus(taken, takePart(left, left.volume_ul).contents);
					expect(taken).toEqual(plus(whole.contents, {}));
				}
			)
		);
	});

	it('are made up as before by taking a part, and otherwise by anything else', () => {
		fc.assert(
			fc.property(held, fc.integer({ min: 1, max: 1e6 }), (whole, part) => {
				const took = takePart(whole, Math.min(part, whole.volume_ul));
				expect(alters(whole, { direction: 'out', ...took })).toBe(false);
			})
		);
		const mix = amount(1000, { char: 200 });
		expect(alters(mix, { direction: 'in', ...amount(1000, { ash: 200 }) })).toBe(true);
		expect(alters(mix, { direction: 'out', ...amount(100) })).toBe(true);
		expect(alters(amount(0), { direction: 'in', ...mix })).toBe(true);
	});
});

describe('an act', () => {
	it('closes for dry matter of whatever sort, and for each nutrient and lime by itself', () => {
		const wood = contentsOf({ wood: 100 });
		const made = contentsOf({ char: 20 });
		const lines = (gas: number) => [
			{ direction: 'out' as const, ...amount(1e6, wood) },
			{ direction: 'in' as const, ...amount(1e5, made) },
			{ direction: 'in' as const, ...amount(0, contentsOf({ wood: gas })) }
		];
		expect(residue(lines(80))).toEqual({});
		expect(residue(lines(79))).toEqual({ 'dry matter': -1_000_000 });
		expect(dryKg(made)).toBe(20);
		const potash = { direction: 'in' as const, ...amount(0, { potassium: 3, lime: 4 }) };
		expect(residue([potash])).toEqual({ potassium: 3, lime: 4 });
		expect(Object.values(closures).flat()).not.toContain('mineral-nitrogen');
	});

	it('adds up to what is left', () => {
		const lot = balanceOf([line(1, 0, 100, 50), line(2, 1, -40, -20)]);
		expect(lot).toMatchObject({ volume_ul: 60, contents: { char: 30 } });
	});
});

describe('a trace', () => {
	const flows = [
		{ from: 'S1', to: 'K1', act: 'burn' },
		{ from: 'S2', to: 'K1', act: 'burn' },
		{ from: 'K1', to: 'C1', act: 'charge' },
		{ from: 'C1', to: 'Mere 1', act: 'spread' },
		{ from: 'C1', to: 'Mere 2', act: 'spread' }
	];
	it('leads from a bed back to every stack, and from a stack to every bed', () => {
		expect(trace(flows, 'Mere 2', 'back').map((s) => s.node)).toEqual(['C1', 'K1', 'S1', 'S2']);
		expect(trace(flows, 'S2', 'forward').map((s) => s.node)).toEqual([
			'K1',
			'C1',
			'Mere 1',
			'Mere 2'
		]);
	});
	it('reads as an indented list: what is reached stands under what reached it', () => {
		const steps = trace(
			[
				{ from: 'K1', to: 'C1', act: 'charge' },
				{ from: 'K1', to: 'C2', act: 'charge' },
				{ from: 'C1', to: 'Mere 1', act: 'spread' },
				{ from: 'C2', to: 'Mere 1', act: 'spread' },
				{ from: 'C2', to: 'Mere 2', act: 'spread' }
			],
			'K1',
			'forward'
		);
		expect(steps.map(({ node, depth }) => `${depth} ${node}`)).toEqual([
			'1 C1',
			'2 Mere 1',
			'1 C2',
			'2 Mere 2'
		]);
	});
	it('ends even where brands lead back to the yard', () => {
		expect(
			trace(
				[
					{ from: 'a', to: 'b', act: '1' },
					{ from: 'b', to: 'a', act: '2' }
				],
				'a',
				'forward'
			).map((s) => s.node)
		).toEqual(['b']);
	});
});
