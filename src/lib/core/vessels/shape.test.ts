import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { litres, metres } from '../units';
import { capacity, depthAtVolume, sectionAt, volumeAtDepth, wettedArea, type Shape } from './index';

const m = metres;
const trench: Shape = {
	kind: 'trench',
	rimLength: m(3),
	rimWidth: m(1),
	floorLength: m(2.4),
	floorWidth: m(0.5),
	depth: m(0.6)
};
const cone: Shape = { kind: 'round', rimWidth: m(1.3), floorWidth: m(0.45), depth: m(0.8) };
const pyramid: Shape = { kind: 'square', rimWidth: m(1.2), floorWidth: m(0.6), depth: m(0.7) };
const drum: Shape = { kind: 'round', rimWidth: m(0.57), floorWidth: m(0.57), depth: m(0.85) };

describe('vessel volume', () => {
	it('is 1230 L for a trench 3.0 × 1.0 m over 2.4 × 0.5 m, 0.6 m deep', () => {
		expect(capacity(trench)).toBeCloseTo(1230, 6);
	});

	it('is the cone frustum πh/12·(D² + Dd + d²)', () => {
		expect(capacity(cone)).toBeCloseTo(
			((Math.PI * 0.8) / 12) * (1.3 ** 2 + 1.3 * 0.45 + 0.45 ** 2) * 1000,
			6
		);
	});

	it('is the pyramid frustum h/3·(A + √(Aa) + a)', () => {
		expect(capacity(pyramid)).toBeCloseTo((0.7 / 3) * (1.44 + 1.2 * 0.6 + 0.36) * 1000, 6);
	});

	it('of a square one is that of a trench as long as it is wide, and 4/π of a round one', () => {
		const { rimWidth, floorWidth, depth } = pyramid;
		const long = { rimLength: rimWidth, floorLength: floorWidth };
		const asTrench: Shape = { ...pyramid, kind: 'trench', ...long };
		expect(capacity(pyramid)).toBeCloseTo(capacity(asTrench), 9);
		expect(wettedArea(pyramid)).toBeCloseTo(wettedArea(asTrench), 9);
		const round: Shape = { kind: 'round', rimWidth, floorWidth, depth };
		expect(capacity(pyramid) / capacity(round)).toBeCloseTo(4 / Math.PI, 9);
	});

	it('is section times height for a cylinder at any depth', () => {
		expect(volumeAtDepth(drum, m(0.4))).toBeCloseTo(sectionAt(drum, 0) * 400, 9);
	});

	it('is nought on the floor and refused above the rim', () => {
		expect(volumeAtDepth(cone, m(0))).toBe(0);
		expect(() => volumeAtDepth(cone, m(0.81))).toThrow(/above the rim/);
	});

	it('comes back from depth to volume to depth within a tenth of a millimetre', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.001, max: 1, noNaN: true }),
				fc.constantFrom(trench, cone, pyramid, drum),
				(part, shape) => {
					const depth = m(part * shape.depth);
					const back = depthAtVolume(shape, volumeAtDepth(shape, depth));
					expect(back.status).toBe('holds');
					if (back.status === 'holds') expect(Math.abs(back.depth - depth)).toBeLessThan(1e-4);
				}
			)
		);
	});

	it('grows with depth', () => {
		const steps = Array.from({ length: 20 }, (_, i) => volumeAtDepth(trench, m((i / 19) * 0.6)));
		expect([...steps].sort((a, b) => a - b)).toEqual(steps);
	});

	it('says how much runs over', () => {
		expect(depthAtVolume(drum, litres(capacity(drum) + 10))).toMatchObject({
			status: 'overflows',
			over: expect.closeTo(10, 6)
		});
	});
});

describe('wall area', () => {
	it('is floor and four walls for a box', () => {
		const box: Shape = { kind: 'square', rimWidth: m(0.6), floorWidth: m(0.6), depth: m(0.5) };
		expect(wettedArea(box)).toBeCloseTo(0.36 + 4 * 0.3, 9);
	});
	it('is floor plus mantle for a cylinder', () => {
		expect(wettedArea(drum)).toBeCloseTo((Math.PI / 4) * 0.57 ** 2 + Math.PI * 0.57 * 0.85, 9);
	});
});
