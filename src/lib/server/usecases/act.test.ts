import { describe, expect, it } from 'vitest';
import {
	done,
	emptyBooks,
	envelope,
	later,
	plainBed,
	refused,
	start,
	yard
} from '../../../../tests/fixtures/garden';
import { measureBed } from './measure-bed';
import type { BedInput } from '../../input/beds';
import { measureVessel } from './measure-vessel';
import { metres } from '../../core/units';

const bed: BedInput = { ...plainBed, name: 'Long bed' };

describe('an act', () => {
	it('keeps what was typed beside what it was resolved to', () => {
		const books = emptyBooks();
		const typed = { name: 'Long bed', length: '26 ft', width: '40 in' };
		done(measureBed(books, later, { ...envelope(start, 'typed-act'), typed }, bed));
		const act = books.acts.maybeOne('typed-act');
		expect(act?.typed).toEqual(typed);
		expect(act?.resolved).toMatchObject({ length_m: 8, width_m: 1 });
	});

	it('sent again under its id is the same act; with other figures it is asked about', () => {
		const books = emptyBooks();
		const send = (length: string) =>
			measureBed(
				books,
				later,
				{ ...envelope(start, 'same-act'), typed: { name: 'Long bed', length } },
				bed
			);
		expect(send('8')).toMatchObject({ status: 'done', repeated: false });
		expect(send('8')).toMatchObject({ status: 'done', repeated: true });
		expect(refused(send('9'))).toEqual(['sent-before']);
		expect(books.acts.recent(9).length).toBe(1);
	});

	it('under an id that another verb used is refused, not taken for it', () => {
		const books = emptyBooks();
		done(measureBed(books, later, envelope(start, 'one-id-only'), bed));
		expect(
			refused(
				measureVessel(books, later, envelope(start, 'one-id-only'), {
					name: 'Vat',
					isNew: true,
					usedFor: 'tub',
					shape: {
						kind: 'round',
						rimWidth: metres(1),
						floorWidth: metres(1),
						depth: metres(1)
					}
				})
			)
		).toEqual(['sent-before']);
	});
});

describe('a name', () => {
	it('that is taken is refused for a new bed or vessel, in any case of letters', () => {
		const books = yard();
		expect(refused(measureBed(books, later, envelope(start), { ...bed, name: 'mere 2' }))).toEqual([
			'name-taken'
		]);
		done(measureBed(books, later, envelope(start), { ...bed, name: 'MERE 2', isNew: false }));
		expect(books.beds.all().map(({ name }) => name)).toEqual(['Mere 2']);
		expect(books.beds.maybeOne('Mere 2')?.texture).toBe('loam');
	});
});
