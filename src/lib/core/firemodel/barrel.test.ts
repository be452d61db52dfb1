import { describe, expect, it } from 'vitest';
import { draught, frontSpeed, frontYield, lit, stepBarrel, type Barrel } from './index';

const barrel: Barrel = {
	area_m2: 0.25,
	fill_m: 0.85,
	holes: 0.03,
	chimney_m: 1.2,
	dry_kg_m3: 170,
	moisture: 0.12 / 0.88
};

describe('the front of a barrel', () => {
	it.each([
		[0.03, 6.6, 0.2],
		[0.05, 10.9, 0.18],
		[0.08, 16.8, 0.16]
	])('at %d m/s of air comes down %d mm a minute and leaves %d of the wood', (air, speed, left) => {
		expect(frontSpeed(air, barrel) * 60_000).toBeCloseTo(speed, 0);
		expect(frontYield(air)).toBeCloseTo(left, 2);
	});

	it('goes faster through more holes and under a longer chimney, and slower through wet chips', () => {
		const speed = (change: Partial<Barrel>) => {
			const one = { ...barrel, ...change };
			return frontSpeed(draught(one), one);
		};
		expect(speed({ holes: 0.05 })).toBeGreaterThan(speed({}));
		expect(speed({ chimney_m: 2 })).toBeGreaterThan(speed({}));
		expect(speed({ moisture: 0.3 })).toBeLessThan(speed({}));
		expect(speed({ moisture: 0.55 })).toBe(0);
	});

	it('takes about an hour through a barrel, three with a hundredth of its floor open', () => {
		const minutes = (holes: number) => {
			const one = { ...barrel, holes };
			let state = lit;
			while (state.front_m < one.fill_m) state = stepBarrel(state, one, 1);
			return state.at_s / 60;
		};
		expect(minutes(0.03)).toBeGreaterThan(50);
		expect(minutes(0.03)).toBeLessThan(85);
		expect(minutes(0.01)).toBeGreaterThan(150);
		expect(minutes(0.01)).toBeLessThan(210);
	});

	it('left ten minutes too long at 0.04 m/s costs about a sixth of the char, and never more than there is', () => {
		// Holes that let through just so much.
		let [low, high] = [0.001, 0.1];
		for (let i = 0; i < 60; i += 1) {
			const middle = (low + high) / 2;
			if (draught({ ...barrel, holes: middle }) < 0.04) low = middle;
			else high = middle;
		}
		const one = { ...barrel, holes: high };
		let state = lit;
		while (state.front_m < one.fill_m) state = stepBarrel(state, one, 1);
		const whole = state.char_kg;
		for (let s = 0; s < 600; s += 1) state = stepBarrel(state, one, 1);
		expect((whole - state.char_kg) / whole).toBeCloseTo(0.15, 1.5);
		for (let s = 0; s < 20_000; s += 1) state = stepBarrel(state, one, 1);
		expect(state.char_kg).toBeCloseTo(0, 9);
		expect(state.char_kg + state.burnt_kg).toBeCloseTo(whole + (state.burnt_kg - whole), 9);
	});

	it('is the same in steps of half a second and of two', () => {
		const after = (dt_s: number) => {
			let state = lit;
			while (state.at_s < 5400) state = stepBarrel(state, barrel, dt_s);
			return state.char_kg;
		};
		expect(after(0.5) / after(1)).toBeCloseTo(1, 6);
		expect(after(2) / after(1)).toBeCloseTo(1, 6);
	});
});
