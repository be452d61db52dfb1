import { describe, expect, it } from 'vitest';
import type { CultureLine } from '$lib/core/brews';
import { linesAnswer } from './answer';

const line = (name: string, more: Partial<CultureLine> = {}): CultureLine => ({
	root: 'B1',
	name,
	since_ms: 0,
	generations: 4,
	worked: 8,
	failed: 1,
	trust: 0.8,
	doubted: [],
	members: [],
	...more
});

describe('which culture to trust', () => {
	it('is the first that nobody doubts, with what it rests on', () => {
		expect(linesAnswer([])).toBe('No culture is kept yet');
		expect(linesAnswer([line('barley', { doubted: ['B4'] })])).toBe('No line is free of doubt');
		expect(linesAnswer([line('oats', { doubted: ['B4'] }), line('barley')])).toBe(
			'Trust barley: 8 of 9 worked, in 4 generations'
		);
		expect(linesAnswer([line('barley', { worked: 0, failed: 0 })])).toMatch(
			/nothing of it has come to an end/
		);
	});
});
