import { beforeEach, describe, expect, it } from 'vitest';
import { writeSeen } from '../../../../../tests/fixtures/lines';
import {
	day,
	done,
	emptyBooks,
	envelope,
	later,
	start
} from '../../../../../tests/fixtures/garden';
import { litres } from '../../../core/units';
import type { Books } from '../../db/books';
import { boughtBySeason, boughtOf } from '../../questions/bought';
import { mixOf } from '../../questions/mixes';
import { mixUp } from '../../usecases/mixes/mix-up';
import { materialSaid } from './verbs';

let books: Books;
beforeEach(() => {
	books = emptyBooks();
});
const reading = {
	...{ measures: [], timeZone: 'UTC', person: 'Oda', now_ms: start + 5 * day },
	system: 'metric' as const
};
let lines = 0;
const write = (line: string) =>
	done(writeSeen(books, reading, line, `line-of-mixes-${(lines += 1)}`));

describe('the log of mixes', () => {
	it.each([
		['bag compost 3 x 50 L 7.50', 'finished-compost', 3, 7.5, 150],
		['bag bone meal 1 x 20 L', 'bone-meal', 1, undefined, 20],
		['bag perlite 100 L 14.50', 'perlite', 1, 14.5, 100]
	])('%s', (line, material, bags, price, volume) => {
		write(line);
		const lot = books.stock.inStock()[0]!;
		expect(lot.material).toBe(material);
		expect(lot.volume_ul / 1e6).toBeCloseTo(volume, 6);
		expect(boughtOf(books, lot.lotId)).toMatchObject({ bags, ...(price ? { price } : {}) });
	});

	it('what was spent is summed by year, and what own stuff stood in for by the same bag', () => {
		write('bag compost 3 x 50 L 7.50');
		const [bag] = books.stock.inStock();
		const perKg = boughtOf(books, bag!.lotId)!.perKg!;
		expect(perKg).toBeCloseTo(22.5 / (bag!.mass_mg / 1e6), 6);
		expect(boughtBySeason(books, 'UTC')).toEqual([{ year: 2026, bags: 3, spent: 22.5, spared: 0 }]);
		write('came compost 20 L');
		const [own] = books.stock.inStock();
		write(`blend Top dressing 20 L ${own!.code}`);
		const [season] = boughtBySeason(books, 'UTC');
		expect(season!.spared).toBeCloseTo(perKg * (own!.mass_mg / 1e6), 4);
		// A bag of it that goes in is bought, not spared.
		write(`blend Top dressing 20 L ${bag!.code}`);
		expect(boughtBySeason(books, 'UTC')[0]!.spared).toBeCloseTo(season!.spared, 9);
	});

	it('came leaves is one’s own', () => {
		write('came leaves 40 L');
		const lot = books.stock.inStock()[0]!;
		expect(lot).toMatchObject({ material: 'autumn-leaves', volume_ul: 40e6 });
		expect(boughtOf(books, lot.lotId)).toBeUndefined();
	});

	it('blend mixes what is named, lots by their code', () => {
		write('came castings 40 L');
		const [lot] = books.stock.inStock();
		write(`blend Spring mix 3 kg bone meal 10 L ${lot!.code} 2 kg seed meal`);
		const made = mixOf(books, 'X1')!;
		expect(made.name).toBe('Spring mix');
		expect(made.parts.map(({ name }) => name)).toEqual(['bone meal', 'worm castings', 'seed meal']);
		expect(made.parts[1]!.litres).toBe(10);
	});

	it('pot fills so many of a width from a mix', () => {
		done(
			mixUp(books, later, envelope(start + day), {
				...{ use: 'pots', name: 'Seed pots' },
				parts: [{ row: 1, stuff: 'leaf-mould', measure: { litres: litres(100) } }]
			})
		);
		write('pot X1 24 x 9 cm');
		const left = books.ledger.lot('X1').volume_ul / 1e6;
		expect(left).toBeLessThan(78);
		expect(left).toBeGreaterThan(74);
		write('pot Seed pots 10 x 9 cm');
		expect(books.ledger.lot('X1').volume_ul / 1e6).toBeLessThan(left);
	});

	it('knows stuffs by what people call them', () => {
		expect(materialSaid('rock phosphate')).toBe('phosphate-rock');
		expect(materialSaid('Perlite ')).toBe('perlite');
		expect(materialSaid('gravel from the moon')).toBeUndefined();
	});
});
