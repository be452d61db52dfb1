import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kept, toKeep } from './rotation';

const day = 86_400_000;
const now = Date.UTC(2026, 10, 24, 2);

describe('the rotation of backups', () => {
	it('after two years of nightly ones keeps a week of days, a month of weeks, a year of months', () => {
		const nightly = Array.from({ length: 730 }, (_, i) => now - i * day);
		const keep = [...toKeep(nightly)].sort((a, b) => b - a);
		expect(keep.slice(0, kept.days)).toEqual(nightly.slice(0, kept.days));
		expect(keep.length).toBeLessThanOrEqual(kept.days + kept.weeks + kept.months);
		expect(now - (keep.at(-1) ?? 0)).toBeGreaterThan(320 * day);
	});

	it('keeps the newest, and among few keeps one of each day', () => {
		expect([...toKeep([now, now - 3_600_000])]).toEqual([now]);
		expect(toKeep([now, now - day, now - 2 * day]).size).toBe(3);
		expect(toKeep([]).size).toBe(0);
	});

	it('run night after night never lets a month go without one', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 400 }), (nights) => {
				let folder: number[] = [];
				for (let night = nights; night >= 0; night -= 1)
					folder = [...toKeep([...folder, now - night * day])];
				const months = new Set(folder.map((at) => new Date(at).toISOString().slice(0, 7)));
				expect(months.size).toBe(
					Math.min(
						12,
						new Set(
							Array.from({ length: nights + 1 }, (_, i) =>
								new Date(now - i * day).toISOString().slice(0, 7)
							)
						).size
					)
				);
				expect(Math.max(...folder)).toBe(now);
			}),
			{ numRuns: 30 }
		);
	});
});
