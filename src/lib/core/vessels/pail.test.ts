import fc from 'fast-check';
import { expect, it } from 'vitest';
import { litres } from '../units';
import { capacity } from './shape';
import { pailOf } from './pail';

it('a pail drawn by what it holds, holds that', () =>
	fc.assert(
		fc.property(fc.double({ min: 0.2, max: 5000, noNaN: true }), (holds) => {
			expect(capacity(pailOf(litres(holds)))).toBeCloseTo(holds, 6);
		})
	));
