import { describe, expect, it } from 'vitest';
import { celsius, metres } from '../units';
import type { Shape } from '../vessels';
import { proposeBurn } from './propose';
import { poolYields } from './yield';

const round = (width: number, depth: number): Shape => ({
	kind: 'round',
	rimWidth: metres(width),
	floorWidth: metres(width),
	depth: metres(depth)
});
const vessel = (name: string, shape: Shape, more = {}) => ({
	name,
	way: 'open-kiln' as const,
	shape,
	waterTemperature: celsius(10),
	ownYields: poolYields([]),
	ownWater: [],
	ownDensities: {},
	stays: [],
	...more
});
const stack = (code: string, kg: number, verdict: 'ready' | 'slower' | 'unread' = 'ready') => ({
	code,
	name: code,
	wood: 'softwood' as const,
	form: 'brush' as const,
	left: { value: kg, low: kg * 0.8, high: kg * 1.2 },
	verdict
});
const large = vessel('Large', round(1.5, 0.9));
const small = vessel('Small', round(0.6, 0.5));

describe('a burn to begin a plan with', () => {
	it('is none without a vessel or wood', () => {
		expect(proposeBurn([], [stack('S1', 100)])).toBeUndefined();
		expect(proposeBurn([large], [])).toBeUndefined();
	});
	it('takes the driest wood, and leaves what is wetter', () => {
		const wood = [
			stack('S1', 60, 'slower'),
			stack('S2', 60),
			stack('S3', 40),
			stack('S4', 60, 'unread')
		];
		expect(proposeBurn([large], wood)?.loads).toEqual(['S2', 'S3']);
	});
	it('takes the vessel that it fills best, and never more than fits', () => {
		expect(proposeBurn([large, small], [stack('S1', 40)])).toEqual({
			vessel: 'Small',
			loads: ['S1']
		});
		const much = proposeBurn([large, small], [stack('S1', 700), stack('S2', 500), stack('S3', 30)]);
		expect(much?.vessel).toBe('Large');
		expect(much?.loads).not.toContain('S1');
	});
	it('offers a part of what fits in nothing', () => {
		expect(proposeBurn([small], [stack('S1', 900), stack('S2', 800)])?.loads).toEqual(['S2']);
	});
	it('leaves a vessel that failed, or that another fire waits for, for last', () => {
		const wood = [stack('S1', 40)];
		expect(proposeBurn([{ ...small, failed: 'a seam opened' }, large], wood)?.vessel).toBe('Large');
		expect(proposeBurn([{ ...small, stays: [{}] }, large], wood)?.vessel).toBe('Large');
	});
});
