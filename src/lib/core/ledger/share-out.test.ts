import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shareOut, type ActLine } from './index';

describe('who gave what to whom in an act', () => {
	it('shares two stacks over char, brands and gas by dry mass', () => {
		const gifts = shareOut([
			{ node: 'S1', volume_ml: -600_000, dry_g: -90_000 },
			{ node: 'S2', volume_ml: -200_000, dry_g: -10_000 },
			{ node: 'K1', volume_ml: 120_000, dry_g: 20_000 },
			{ node: 'S3', volume_ml: 30_000, dry_g: 5_000 },
			{ node: 'gas-and-ash', volume_ml: 0, dry_g: 75_000 }
		]);
		expect(gifts.find(({ from, to }) => from === 'S1' && to === 'K1')).toEqual({
			from: 'S1',
			to: 'K1',
			litres: 120,
			kgDry: 18
		});
	});

	it('lets a partner give litres and no char', () => {
		const gifts = shareOut([
			{ node: 'K1', volume_ml: -60_000, dry_g: -9_000 },
			{ node: 'P1', isPartner: true, volume_ml: 40_000, dry_g: 6_000 },
			{ node: 'P1', isPartner: true, volume_ml: -40_000, dry_g: -6_000 },
			{ node: 'C1', volume_ml: 95_000, dry_g: 9_000 }
		]);
		expect(gifts).toEqual([
			{ from: 'K1', to: 'C1', litres: 60, kgDry: 9 },
			{ from: 'P1', to: 'C1', litres: 40, kgDry: 0 }
		]);
	});

	it('loses and makes nothing: litres as taken, kilograms as arrived', () => {
		const amount = fc.record({
			volume_ml: fc.integer({ min: 1, max: 1e6 }),
			dry_g: fc.integer({ min: 1, max: 1e6 })
		});
		fc.assert(
			fc.property(
				fc.array(amount, { minLength: 1, maxLength: 4 }),
				fc.array(amount, { minLength: 1, maxLength: 4 }),
				(taken, made) => {
					const lines: ActLine[] = [
						...taken.map((line, i) => ({
							node: `S${i}`,
							volume_ml: -line.volume_ml,
							dry_g: -line.dry_g
						})),
						...made.map((line, i) => ({ node: `K${i}`, ...line }))
					];
					const gifts = shareOut(lines);
					for (const line of lines) {
						const sum = (what: 'litres' | 'kgDry') =>
							gifts
								.filter(({ from, to }) => from === line.node || to === line.node)
								.reduce((all, gift) => all + gift[what], 0);
						if (line.volume_ml < 0) expect(sum('litres')).toBeCloseTo(-line.volume_ml / 1000, 6);
						else expect(sum('kgDry')).toBeCloseTo(line.dry_g / 1000, 6);
					}
				}
			)
		);
	});

	it('of one that only comes is nothing', () =>
		expect(shareOut([{ node: 'S1', volume_ml: 5, dry_g: 5 }])).toEqual([]));
});
