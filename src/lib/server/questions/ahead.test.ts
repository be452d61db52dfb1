import { beforeAll, describe, expect, it } from 'vitest';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { growGarden } from '../demo/garden';
import { ahead } from './ahead';
import { benchOf } from './bench';
import { today, type Today } from './today';

const now = Date.UTC(2026, 10, 24, 12);
const day = 86_400_000;
let seen: Today;
beforeAll(() => {
	const books = emptyBooks();
	growGarden(books, now);
	seen = today(books, now);
});

describe('the coming weeks', () => {
	it('have a row for each fire and charge that comes to something, fires by what is soonest', () => {
		const { rows, from_ms, to_ms } = ahead(seen, now);
		expect(to_ms - from_ms).toBe(28 * day);
		expect(rows.slice(0, 2).map(({ code }) => code)).toEqual(['F6', 'F7']);
		expect(rows.filter(({ of }) => of === 'charge').every(({ window }) => window)).toBe(true);
		expect(new Set(rows.map(({ code }) => code)).size).toBe(rows.length);
	});

	it('put what is overdue at their start, and what lies beyond them nowhere', () => {
		const { rows, from_ms, to_ms } = ahead(seen, now);
		const moments = rows.flatMap((row) => row.moments);
		expect(rows[0]?.moments).toEqual([{ is: 'check', at_ms: from_ms }]);
		expect(moments.every(({ at_ms }) => at_ms >= from_ms && at_ms <= to_ms)).toBe(true);
		expect(ahead(seen, now + 40 * day).rows.flatMap(({ moments }) => moments)).not.toContainEqual(
			expect.objectContaining({ is: 'indoors' })
		);
	});
});

describe('the bench', () => {
	it('has the hot fire first, whatever else is older', () => {
		const bench = benchOf(seen, now);
		expect(bench[0]).toMatchObject({ does: 'check', code: 'F6', href: '/fires/F6' });
		const rest = bench.slice(1).map(({ due_ms }) => due_ms);
		expect(rest).toEqual([...rest].sort((a, b) => a - b));
		expect(bench.map(({ does }) => does)).toEqual(
			expect.arrayContaining(['check', 'test', 'ripens', 'burn'])
		);
	});

	it('of quiet books is empty', () => expect(benchOf(today(emptyBooks(), now), now)).toEqual([]));
});
