import { describe, expect, it } from 'vitest';
import { ServerClock } from './clock';

describe('the time of the server on a device', () => {
	it('goes on from what was told last, by what has passed since', () => {
		let passed = 5000;
		const clock = new ServerClock({ awake: () => passed, wall: () => 99 + passed });
		clock.hear(1_000_000);
		passed += 250;
		expect(clock.now()).toBe(1_000_250);
		clock.hear(2_000_000);
		expect(clock.now()).toBe(2_000_000);
		passed += 3_600_000;
		expect(clock.now()).toBe(5_600_000);
	});

	it('is right after the phone slept, when one of its clocks stood still', () => {
		let [awake, wall] = [5000, 1_700_000_000_000];
		const clock = new ServerClock({ awake: () => awake, wall: () => wall });
		clock.hear(1_000_000);
		awake += 1000;
		wall += 8 * 3_600_000;
		expect(clock.now()).toBe(1_000_000 + 8 * 3_600_000);
		// Set back by an hour it is not believed.
		clock.hear(2_000_000);
		awake += 60_000;
		wall -= 3_600_000;
		expect(clock.now()).toBe(2_060_000);
	});
});
