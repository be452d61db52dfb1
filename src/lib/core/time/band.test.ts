import { describe, expect, it } from 'vitest';
import { bandParts, stateAt, type Window } from './index';

const window: Window = { start_ms: 0, usable_ms: 10, best_ms: 20, fading_ms: 30, past_ms: 40 };

describe('a ripening band', () => {
	it.each([
		[0, 'working'],
		[9, 'working'],
		[10, 'usable'],
		[25, 'best'],
		[30, 'fading'],
		[40, 'past'],
		[99, 'past']
	] as const)('at %i is %s', (now, state) => {
		expect(stateAt(window, now)).toBe(state);
	});

	it('has parts that meet without gaps over what is shown', () => {
		const parts = bandParts(window, 5, 35);
		expect(parts.map((part) => part.state)).toEqual(['working', 'usable', 'best', 'fading']);
		expect(parts[0]?.from_ms).toBe(5);
		expect(parts.at(-1)?.to_ms).toBe(35);
		parts.slice(1).forEach((part, i) => expect(part.from_ms).toBe(parts[i]?.to_ms));
	});

	it('stays at work for ever when it is too cold', () => {
		const cold: Window = {
			start_ms: 0,
			usable_ms: null,
			best_ms: null,
			fading_ms: null,
			past_ms: null
		};
		expect(stateAt(cold, 1e12)).toBe('working');
		expect(bandParts(cold, 0, 100)).toEqual([{ state: 'working', from_ms: 0, to_ms: 100 }]);
	});
});
