import { describe, expect, it } from 'vitest';
import { metres } from '$lib/core/units';
import { freshVessel, reckonVessel } from './reckoning';

const typed = (values: Record<string, string>) =>
	reckonVessel(freshVessel(values, null, 'metric'), { system: 'metric' });
const lantern = { rimWidth: '1.30', floorWidth: '45 cm', depth: '0.8' };

describe('a vessel as typed', () => {
	it('has straight sides until a floor is measured', () => {
		expect(typed({ rimWidth: '1', depth: '1' })?.capacity).toBeCloseTo(250 * Math.PI, 6);
		expect(typed(lantern)?.capacity).toBeCloseTo(518.9, 0);
	});
	it('seen from above is round until it is called square', () => {
		const box = typed({ rimWidth: '1', depth: '1', outline: 'square' });
		expect(box?.capacity).toBeCloseTo(1000, 6);
		expect(typed({ rimWidth: '1', depth: '1', outline: 'star' })?.shape.kind).toBe('round');
		const again = freshVessel({}, { name: 'Box', usedFor: 'tub', shape: box!.shape }, 'metric');
		expect(again.outline).toBe('square');
	});
	it('is none while a side is missing or can’t be read', () => {
		expect(typed({ rimWidth: '1' })).toBeUndefined();
		expect(typed({ rimWidth: 'wide', depth: '1' })).toBeUndefined();
		expect(typed({ usedFor: 'trench', rimWidth: '1', depth: '1' })).toBeUndefined();
	});
	it('turns depth into litres and litres into depth; a depth wins', () => {
		const at = typed({ ...lantern, at: '0.6' })?.at;
		expect(at?.litres).toBeCloseTo(294.4, 0);
		expect(typed({ ...lantern, litres: String(at?.litres.toFixed(2)) })?.at?.depth).toBeCloseTo(
			0.6,
			4
		);
		expect(typed({ ...lantern, at: '0.2', litres: '300' })?.at?.depth).toBe(0.2);
	});
	it('says how much is over the rim', () => {
		const over = typed({ ...lantern, litres: '600' });
		expect(over?.at).toBeUndefined();
		expect(over?.over).toBeCloseTo(600 - (over?.capacity ?? 0), 6);
	});
	it('offers the measures it has, in the grower’s units', () => {
		const known = {
			name: 'Lantern',
			usedFor: 'open-kiln',
			shape: {
				kind: 'round' as const,
				rimWidth: metres(1.3),
				floorWidth: metres(0.45),
				depth: metres(0.8)
			},
			emptyMass: 40
		};
		expect(freshVessel({}, known, 'us')).toMatchObject({
			rimWidth: '51.18 in',
			floorWidth: '17.72 in',
			emptyMass: '88.1850 lb'
		});
		const again = reckonVessel(freshVessel({}, known, 'us'), { system: 'us' });
		expect(again?.capacity).toBeCloseTo(518.9, 0);
	});
});
