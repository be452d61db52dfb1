import { describe, expect, it } from 'vitest';
import { clash, inTurn, stayOfFire, stayOfPlan } from './index';

const hour = 3_600_000;

describe('what stands in a vessel', () => {
	it('of two fires is never both at one time', () => {
		const stays = [stayOfFire('F1', 10 * hour), stayOfPlan('F2', 20 * hour)];
		expect(clash(stays, stayOfFire('', 10.5 * hour))?.of).toBe('F1');
		expect(clash(stays, stayOfFire('', 11 * hour))).toBeUndefined();
		expect(clash(stays, stayOfPlan('', 20.5 * hour))?.of).toBe('F2');
		expect(clash(stays, stayOfPlan('', 21 * hour))).toBeUndefined();
	});

	it('of soaks is one at a time, each until it is drained or the next is set going', () => {
		const stays = inTurn([
			{ of: 'C3', from_ms: 300 },
			{ of: 'C1', from_ms: 100, to_ms: 150 },
			{ of: 'C2', from_ms: 200 }
		]);
		expect(stays.map(({ of, to_ms }) => [of, to_ms])).toEqual([
			['C1', 150],
			['C2', 300],
			['C3', undefined]
		]);
		expect(clash(stays, { from_ms: 170, to_ms: 180 })).toBeUndefined();
		expect(clash(stays, { from_ms: 900 })?.of).toBe('C3');
	});
});
