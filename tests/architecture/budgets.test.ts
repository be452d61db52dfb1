import { describe, expect, it } from 'vitest';
import { unasked } from '../../scripts/bench/pages.mjs';

describe('the bench', () => {
	it('asks for every page of the program, and for nothing else', () =>
		expect(unasked()).toEqual([]));
});
