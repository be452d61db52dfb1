import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { balanceOf, firstShortfall, recounted, takePart, trace } from './index';

const line = (id: number, happened_at_ms: number, volume_ml: number, dry_g = 0) => ({
	id,
	happened_at_ms,
	volume_ml,
	dry_g
});

describe('the books of a lot', () => {
	it('hold while nothing is taken before it came', () => {
		expect(firstShortfall([line(1, 10, 100), line(2, 20, -100)])).toBeUndefined();
		expect(firstShortfall([line(1, 10, 100), line(2, 5, -100)])).toEqual({
			at_ms: 5,
			missing_ml: 100,
			missing_g: 0
		});
	});

	it('find a shortfall in the middle that the end hides', () => {
		expect(firstShortfall([line(1, 0, 50), line(2, 10, -80), line(3, 20, 100)])).toMatchObject({
			at_ms: 10,
			missing_ml: 30
		});
	});

	it('come to what was counted, grams in proportion, and to nought when nothing was found', () => {
		expect(recounted({ volume_ml: 1000, dry_g: 200 }, 900)).toEqual({
			volume_ml: -100,
			dry_g: -20
		});
		expect(recounted({ volume_ml: 1000, dry_g: 333 }, 0)).toEqual({
			volume_ml: -1000,
			dry_g: -333
		});
		expect(() => recounted({ volume_ml: 0, dry_g: 0 }, 5)).toThrow(/nothing to scale/);
	});

	it('never lose or make grams by taking a lot in parts', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 1e6 }),
				fc.integer({ min: 0, max: 1e6 }),
				fc.array(fc.integer({ min: 1, max: 1e5 }), { maxLength: 20 }),
				(volume_ml, dry_g, parts) => {
					let held = { volume_ml, dry_g };
					let taken = 0;
					for (const part of parts) {
						if (held.volume_ml === 0) break;
						const took = takePart(held, Math.min(part, held.volume_ml));
						taken += took.dry_g;
						held = balanceOf([
							line(1, 0, held.volume_ml, held.dry_g),
							line(2, 0, -took.volume_ml, -took.dry_g)
						]);
						expect(held.dry_g).toBeGreaterThanOrEqual(0);
					}
					if (held.volume_ml > 0) taken += takePart(held, held.volume_ml).dry_g;
					expect(taken).toBe(dry_g);
				}
			)
		);
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
