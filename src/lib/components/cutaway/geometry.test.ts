import { describe, expect, it } from 'vitest';
import { metres } from '$lib/core/units';
import type { Shape } from '$lib/core/vessels';
import { faceOf, measuresIn, sectionOf, specks, ticks } from './geometry';

const cone: Shape = {
	kind: 'round',
	rimWidth: metres(1.3),
	floorWidth: metres(0.45),
	depth: metres(0.8)
};

describe('a cutaway', () => {
	it('keeps one scale for width and height', () => {
		const section = sectionOf(cone, { width: 260, height: 400 });
		expect(section.scale).toBeCloseTo(200, 9);
		const [left, right] = section.xAt(0.8);
		expect((right - left) / section.scale).toBeCloseTo(1.3, 9);
		expect((section.yAt(0) - section.yAt(0.8)) / section.scale).toBeCloseTo(0.8, 9);
	});

	it('moves its fill with the depth', () => {
		const section = sectionOf(cone, { width: 260, height: 200 });
		expect(section.fill(0, 0.4)).not.toBe(section.fill(0, 0.5));
	});

	it('draws specks at their true share of the area', () => {
		const count = (share: number) =>
			(specks({ x: 0, y: 0, width: 100, height: 50 }, share, 2).match(/M/g) ?? []).length;
		expect(count(0)).toBe(0);
		expect(count(0.08) * 4).toBe(5000 * 0.08);
		expect(count(0.16)).toBe(2 * count(0.08));
	});

	it('keeps every speck inside its area, always in the same place, and out of rows', () => {
		const area = { x: 10, y: 20, width: 120, height: 60 };
		const path = specks(area, 0.12, 3);
		expect(specks(area, 0.12, 3)).toBe(path);
		const points = [...path.matchAll(/M([\d.]+) ([\d.]+)/g)].map(([, x, y]) => [
			Number(x),
			Number(y)
		]) as [number, number][];
		for (const [x, y] of points) {
			expect(x).toBeGreaterThanOrEqual(11.5);
			expect(x).toBeLessThanOrEqual(128.55);
			expect(y).toBeGreaterThanOrEqual(21.5);
			expect(y).toBeLessThanOrEqual(78.55);
		}
		// Each quarter of the area has about a quarter of the specks.
		const left = points.filter(([x]) => x < 70).length;
		const upper = points.filter(([, y]) => y < 48.5).length;
		expect(Math.abs(left / points.length - 0.5)).toBeLessThan(0.1);
		expect(Math.abs(upper / points.length - 0.5)).toBeLessThan(0.1);
	});

	it('has a scale of few round ticks up to the rim', () => {
		expect(ticks(0.8).length).toBeLessThanOrEqual(6);
		expect(Math.max(...ticks(0.8))).toBeLessThanOrEqual(0.8 + 1e-9);
	});

	it('draws a stack no higher than it is, to scale', () => {
		const face = faceOf('ridge', { across: 2, height: 1 }, { width: 200, height: 200 });
		expect(face.scale).toBe(100);
		expect(face.top).toBe(100);
	});

	it('fills own measures one by one, the last in part, never more than there is room to draw', () => {
		expect(measuresIn(98, 39, 8).map((part) => Math.round(part * 100))).toEqual([100, 100, 51]);
		expect(measuresIn(76, 38, 8)).toEqual([1, 1]);
		expect(measuresIn(0, 38, 8)).toEqual([0]);
		expect(measuresIn(1000, 38, 4)).toEqual([1, 1, 1, 1]);
	});
});
