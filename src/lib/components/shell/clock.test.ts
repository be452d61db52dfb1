import { describe, expect, it } from 'vitest';
import { ServerClock } from './clock';

describe('the time of the server on a device', () => {
	it('goes on from what was told last, by what has passed since', () => {
		let passed = 5000;
		const clock = new ServerClock(() => passed);
		clock.hear(1_000_000);
		passed += 250;
		expect(clock.now()).toBe(1_000_250);
		clock.hear(2_000_000);
		expect(clock.now()).toBe(2_000_000);
		passed += 3_600_000;
		expect(clock.now()).toBe(5_600_000);
	});
});
