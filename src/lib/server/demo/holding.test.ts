import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { growHolding } from './holding';

const now = Date.UTC(2026, 10, 24, 12);

describe('a holding of many years', () => {
	it('is the same from the same seed, closes, and works as long as it says', () => {
		const count = (books: ReturnType<typeof emptyBooks>) =>
			books.db
				.prepare<[], { n: number; first: number; g: number }>(
					'SELECT count(*) AS n, min(happened_at_ms) AS first, (SELECT sum(amount_mg) FROM content) AS g FROM movement'
				)
				.get();
		const [one, two] = [emptyBooks(), emptyBooks()];
		growHolding(one, now, 1);
		growHolding(two, now, 1);
		expect(count(one)).toEqual(count(two));
		expect(one.burns.count()).toBe(200);
		expect(count(one)?.n).toBeGreaterThan(2000);
		expect(now - (count(one)?.first ?? now)).toBeGreaterThan(365 * 86_400_000);
		expect(faultsOf(one)).toEqual([]);
	}, 60_000);
});
