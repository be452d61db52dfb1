import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { litres, metres } from '../units';
import { capacity, depthAtVolume, holesOf, rimArea, sectionAt, volumeAtDepth, type Shape } from '.';

const m = metres;
const size = fc.double({ min: 0.1, max: 3, noNaN: true }).map(m);
const part = fc.double({ min: 0.05, max: 1, noNaN: true });

/** Any shape a grower may measure. */
const shapes: fc.Arbitrary<Shape> = fc.oneof(
	fc.record({
		kind: fc.constantFrom('round' as const, 'square' as const),
		rimWidth: size,
		floorWidth: size,
		depth: size
	}),
	fc.record({
		kind: fc.constant('trench' as const),
		rimWidth: size,
		floorWidth: size,
		rimLength: size,
		floorLength: size,
		depth: size
	}),
	fc.tuple(size, size, part).map(([rimWidth, rimLength, share]) => ({
		kind: 'lying' as const,
		rimWidth,
		rimLength,
		depth: m(rimWidth * share)
	})),
	fc.record({ kind: fc.constant('bowl' as const), rimWidth: size, depth: size }),
	fc.record({ kind: fc.constant('pile' as const), rimWidth: size, rimLength: size, depth: size })
);

/** Litres by summing thin slices of the true section. */
function integrated(shape: Shape, depth: number, slices = 4000): number {
	let sum = 0;
	for (let i = 0; i < slices; i += 1) sum += sectionAt(shape, ((i + 0.5) / slices) * depth);
	return (sum * depth * 1000) / slices;
}

describe('litres in any shape', () => {
	it('are what its section sums up to, slice by slice', () => {
		fc.assert(
			fc.property(shapes, (shape) => {
				const full = capacity(shape);
				expect(Math.abs(integrated(shape, shape.depth) - full) / full).toBeLessThan(1e-3);
			}),
			{ numRuns: 150 }
		);
	});

	it('at any depth of what has walls are the sum up to there', () => {
		fc.assert(
			fc.property(
				shapes.filter(({ kind }) => kind !== 'pile'),
				part,
				(shape, share) => {
					const depth = m(shape.depth * share);
					const held = volumeAtDepth(shape, depth);
					expect(Math.abs(integrated(shape, depth) - held)).toBeLessThan(held * 2e-3 + 1e-6);
				}
			),
			{ numRuns: 150 }
		);
	});

	it('come back from depth to litres to depth', () => {
		fc.assert(
			fc.property(shapes, part, (shape, share) => {
				const depth = m(shape.depth * share);
				const back = depthAtVolume(shape, volumeAtDepth(shape, depth));
				expect(back.status === 'holds' && Math.abs(back.depth - depth)).toBeLessThan(1e-4);
			})
		);
	});

	it('of a tank lying on its side, full but for a hair, come back too', () => {
		const rimWidth = m(1.0221120350039914);
		const tank: Shape = {
			kind: 'lying',
			rimWidth,
			rimLength: m(1.29),
			depth: m(1.0221120350039898)
		};
		for (const below of [0, 1e-15, 1e-12, 1e-9, 1e-6, 1e-3]) {
			const depth = m(tank.depth - below);
			const back = depthAtVolume(tank, volumeAtDepth(tank, depth));
			expect(back.status).toBe('holds');
			expect(back.status === 'holds' && depth - back.depth).toBeCloseTo(0, 4);
		}
	});

	it('of half a boiler shell on its side are half a cylinder', () => {
		const shell: Shape = { kind: 'lying', rimWidth: m(0.8), rimLength: m(1.5), depth: m(0.4) };
		expect(capacity(shell)).toBeCloseTo((Math.PI / 8) * 0.64 * 1500, 6);
		expect(rimArea(shell)).toBeCloseTo(0.8 * 1.5, 9);
	});

	it('of a hemisphere are two thirds π r³', () => {
		const bowl: Shape = { kind: 'bowl', rimWidth: m(1), depth: m(0.5) };
		expect(capacity(bowl)).toBeCloseTo((2 / 3) * Math.PI * 0.125 * 1000, 6);
	});

	it('of a cone pit are a third of its cylinder', () => {
		const pit: Shape = { kind: 'round', rimWidth: m(1.8), floorWidth: m(0.001), depth: m(0.9) };
		expect(capacity(pit)).toBeCloseTo((Math.PI / 12) * 1.8 ** 2 * 0.9 * 1000, 0);
	});

	it('that run over say by how much', () => {
		fc.assert(
			fc.property(shapes, (shape) => {
				const at = depthAtVolume(shape, litres(capacity(shape) + 10));
				expect(at.status === 'overflows' && at.over).toBeCloseTo(10, 4);
			})
		);
	});
});

describe('the floor of a barrel', () => {
	const drum: Shape = { kind: 'round', rimWidth: m(0.57), floorWidth: m(0.57), depth: m(0.85) };
	it.each([
		[32, 'slow'],
		[96, 'good'],
		[200, 'fierce']
	] as const)('with %i holes of 10 mm is %s', (count, verdict) => {
		const { share, verdict: found } = holesOf(drum, { count, width: m(0.01) });
		expect(share.value).toBeCloseTo((count * 0.01 ** 2) / 0.57 ** 2, 9);
		expect(found).toBe(verdict);
	});
});
