import { describe, expect, it } from 'vitest';
import { shelfOf } from './shelf';

const heightOf = (path: string) => 70 - Number(/^M[\d.]+ ([\d.]+)/.exec(path)?.[1]);

describe('the shelf of own measures', () => {
	it('draws eight times the litres twice as high', () => {
		const [barrow, tub] = shelfOf([
			{ name: 'tub', litres: 10 },
			{ name: 'barrow', litres: 80 }
		]).tubs;
		expect(barrow?.name).toBe('barrow');
		expect(heightOf(barrow!.path)).toBeCloseTo(2 * heightOf(tub!.path), 1);
	});

	it('has a place for each and none overlaps the next', () => {
		const { tubs, width, columns } = shelfOf(
			Array.from({ length: 5 }, (_, i) => ({ name: `m${i}`, litres: 50 }))
		);
		expect(columns).toBe('repeat(5, 1fr)');
		const spans = tubs.map(({ path }) => {
			const xs = [...path.matchAll(/[ML]([\d.]+) /g)].map((m) => Number(m[1]));
			return [Math.min(...xs), Math.max(...xs)] as const;
		});
		spans.forEach(([from, to], i) => {
			expect(from).toBeGreaterThanOrEqual(i * 90);
			expect(to).toBeLessThanOrEqual(Math.min(width, (i + 1) * 90));
		});
	});

	it('is drawable while there are none', () => {
		expect(shelfOf([])).toMatchObject({ tubs: [], width: 90 });
	});
});
