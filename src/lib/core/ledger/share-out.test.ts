import { inLitres } from '../units';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contentsOf, shareOut, type ActLine } from './index';

const line = (
	node: string,
	direction: 'in' | 'out',
	litres: number,
	kg: Parameters<typeof contentsOf>[0]
): ActLine => ({ node, direction, volume_ul: litres * 1e6, mass_mg: 0, contents: contentsOf(kg) });

describe('who gave what to whom in an act', () => {
	it('shares two stacks over char, brands and gas by dry mass', () => {
		const gifts = shareOut([
			line('S1', 'out', 600, { wood: 90 }),
			line('S2', 'out', 200, { wood: 10 }),
			line('K1', 'in', 120, { char: 20 }),
			line('S3', 'in', 30, { wood: 5 }),
			line('gas-and-ash', 'in', 0, { wood: 75 })
		]);
		expect(gifts.find(({ from, to }) => from === 'S1' && to === 'K1')).toEqual({
			from: 'S1',
			to: 'K1',
			litres: 120,
			kgDry: 18,
			kgChar: 18
		});
	});

	it('lets each give what it has: char the char, compost the rest', () => {
		const gifts = shareOut([
			line('K1', 'out', 60, { char: 9 }),
			line('M1', 'in', 40, { other: 6 }),
			line('M1', 'out', 40, { other: 6 }),
			line('C1', 'in', 85, { char: 9, other: 6 })
		]);
		expect(gifts).toEqual([
			{ from: 'K1', to: 'C1', litres: 60, kgDry: 9, kgChar: 9 },
			{ from: 'M1', to: 'C1', litres: 40, kgDry: 6, kgChar: 0 }
		]);
	});

	it('loses and makes nothing: litres as taken, kilograms as arrived', () => {
		const kg = fc.record({
			char: fc.integer({ min: 1, max: 1000 }),
			other: fc.integer({ min: 0, max: 1000 }),
			wood: fc.integer({ min: 0, max: 1000 })
		});
		const amount = fc.record({ litres: fc.integer({ min: 1, max: 1000 }), kg });
		const many = fc.array(amount, { minLength: 1, maxLength: 4 });
		fc.assert(
			fc.property(many, many, (taken, made) => {
				const lines: ActLine[] = [
					...taken.map((one, i) => line(`S${i}`, 'out', one.litres, one.kg)),
					...made.map((one, i) => line(`K${i}`, 'in', one.litres, one.kg))
				];
				const gifts = shareOut(lines);
				for (const { node, direction, volume_ul, contents } of lines) {
					const sum = (what: 'litres' | 'kgDry' | 'kgChar') =>
						gifts
							.filter(({ from, to }) => from === node || to === node)
							.reduce((all, gift) => all + gift[what], 0);
					if (direction === 'out') expect(sum('litres')).toBeCloseTo(inLitres(volume_ul), 6);
					else {
						const { char = 0, other = 0, wood = 0 } = contents;
						expect(sum('kgDry')).toBeCloseTo((char + other + wood) / 1e6, 6);
						expect(sum('kgChar')).toBeCloseTo(char / 1e6, 6);
					}
				}
			})
		);
	});

	it('of one that only comes is nothing', () =>
		expect(shareOut([line('S1', 'in', 5, { wood: 5 })])).toEqual([]));
});
