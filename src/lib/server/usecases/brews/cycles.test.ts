import { doubtBrew, smellBrew } from '../../demo/small';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tub } from '../../../../../tests/fixtures/brewing';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import {
	because,
	day,
	done,
	emptyBooks,
	envelope,
	later,
	start,
	yard
} from '../../../../../tests/fixtures/garden';
import { celsius, kilograms, litres } from '../../../core/units';
import type { Books } from '../../db/books';
import { brewLines, cultureLines, kinPlaced } from '../../questions/brews';
import { germsIn, germsOf, germsOnTheWay, harvestFrom } from '../../questions/germs';
import { pictureOfLot, recallOf, waysOfLot, wayToBed } from '../../questions/ledger';
import { dutiesOf } from '../../rooms/duties';
import { holdLot } from '../hold-lot';
import { reverseAct } from '../reverse-act';
import { drenchBeds } from './drench-beds';
import { startBrew } from './start-brew';
import { feedBrew } from './strain-feed';

const at = (d: number) => start + d * day;

/** A wild culture, a jar of it and a jar of that: B1, B2, B3. */
function jars(): Books {
	const books = yard();
	for (const name of ['Box', 'Jar', 'Second jar', 'Pail']) tub(books, name, 0.3, 0.4);
	const keep = (d: number, vessel: string, lot: string, stuff: 'grain-culture' | 'kept-culture') =>
		done(
			startBrew(books, later, envelope(at(d)), {
				recipe: 'kept-culture',
				vessel,
				base: { kg: kilograms(0.4) },
				baseStuff: { stuff, lot },
				parts: [{ id: 'sugar', stuff: 'sugar' }],
				place: { lid: 'breathing' },
				temperature: celsius(20)
			})
		);
	done(
		startBrew(books, later, envelope(at(0)), {
			recipe: 'grain-culture',
			vessel: 'Box',
			base: { litres: litres(2) },
			baseStuff: { stuff: 'cereal-grain' },
			parts: [],
			temperature: celsius(20)
		})
	);
	done(smellBrew(books, later, envelope(at(6)), { code: 'B1', smell: 'pale-threads' }));
	keep(7, 'Jar', 'B1', 'grain-culture');
	done(smellBrew(books, later, envelope(at(15)), { code: 'B2', smell: 'dough-and-fruit' }));
	keep(16, 'Second jar', 'B2', 'kept-culture');
	return books;
}

const feed = (books: Books, d: number, into: string, from: string, id?: string) =>
	feedBrew(books, later, because('refreshed', envelope(at(d), id)), {
		code: into,
		with: { stuff: 'kept-culture', lot: from },
		measure: { kg: kilograms(0.01) }
	});

/** Everything that asks where something came from. */
function askAll(books: Books, d: number) {
	for (const code of ['B1', 'B2', 'B3']) {
		const lot = books.ledger.maybeLot(code);
		if (!lot) continue;
		expect([...germsIn(books, code)].sort()).toEqual([...germsOnTheWay(books, code)].sort());
		waysOfLot(books, lot.id, code);
		recallOf(books, pictureOfLot(books, lot.id, code));
	}
	const bed = books.beds.maybeOne('Mere 2')!;
	harvestFrom(books, bed, at(d));
	wayToBed(books, bed.id, bed.name, 20, 20);
	books.flows.held();
	brewLines(books, at(d));
	cultureLines(books);
	dutiesOf(books, at(d));
	return kinPlaced(books);
}

describe('a culture fed from its child, and from itself', () => {
	it('is no older for it, and every page that asks its line has an answer', () => {
		const books = jars();
		done(feed(books, 20, 'B2', 'B3'));
		done(feed(books, 21, 'B2', 'B2'));
		done(feed(books, 22, 'B3', 'B2'));
		const placed = askAll(books, 23);
		expect(['B1', 'B2', 'B3'].map((code) => placed.get(code)?.generation)).toEqual([1, 2, 3]);
		expect(cultureLines(books).map(({ root }) => root)).toEqual(['B1']);
		expect(faultsOf(books)).toEqual([]);
	});

	it('carries the doubt and the hold of the child from then on, and not to what was taken before', () => {
		const books = jars();
		done(
			startBrew(books, later, because('early', envelope(at(18))), {
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: { litres: litres(12) },
				water: { source: 'rain' },
				parts: [
					{ id: 'starter', stuff: 'kept-culture', lot: 'B2' },
					{ id: 'molasses', stuff: 'molasses' }
				],
				temperature: celsius(20)
			})
		);
		done(feed(books, 20, 'B2', 'B3'));
		done(doubtBrew(books, later, envelope(at(24)), { code: 'B3', why: 'smells thin' }));
		done(
			holdLot(books, later, envelope(at(24)), {
				code: 'B3',
				held: true,
				reason: 'mould on the lid'
			})
		);
		const placed = askAll(books, 25);
		expect(placed.get('B2')?.doubtedFor).toEqual(['B3']);
		expect(placed.get('B4')?.doubtedFor).toEqual([]);
		const held = books.flows.held();
		const id = (code: string) => books.ledger.lot(code).id;
		expect(['B2', 'B3', 'B4'].map((code) => held.has(id(code)))).toEqual([true, true, false]);
	});

	it('in random books: answers end, and undoing at random leaves books that close', () => {
		const codes = fc.constantFrom('B2', 'B3');
		const step = fc.oneof(
			fc.record({
				do: fc.constant('feed' as const),
				into: codes,
				from: codes,
				d: fc.integer({ min: 20, max: 40 })
			}),
			fc.record({ do: fc.constant('undo' as const), pick: fc.nat(40) }),
			fc.record({
				do: fc.constant('doubt' as const),
				of: codes,
				d: fc.integer({ min: 20, max: 40 })
			})
		);
		fc.assert(
			fc.property(fc.array(step, { maxLength: 14 }), (steps) => {
				const books = jars();
				const made: string[] = [];
				for (const [i, one] of steps.entries()) {
					const id = `cyclic-${i}-act`;
					if (one.do === 'feed') feed(books, one.d, one.into, one.from, id);
					else if (one.do === 'doubt')
						doubtBrew(books, later, envelope(at(one.d), id), { code: one.of, why: 'thin' });
					else if (made.length > 0)
						reverseAct(books, later, envelope(at(41), id), {
							actId: made[one.pick % made.length]!,
							withDependents: true,
							backTo: '/'
						});
					if (books.acts.maybeOne(id)) made.push(id);
					askAll(books, 42);
				}
				expect(faultsOf(books)).toEqual([]);
				expect(books.digests.firstBreak()).toBeUndefined();
			}),
			{ numRuns: 25 }
		);
	}, 60_000);

	it('and a bed that had any tells when one may eat of it', () => {
		const books = jars();
		done(feed(books, 20, 'B2', 'B3'));
		done(feed(books, 21, 'B3', 'B2'));
		done(
			startBrew(books, later, because('early', envelope(at(30))), {
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: { litres: litres(12) },
				water: { source: 'rain' },
				parts: [
					{ id: 'starter', stuff: 'kept-culture', lot: 'B3' },
					{ id: 'molasses', stuff: 'molasses' }
				],
				temperature: celsius(20)
			})
		);
		done(
			drenchBeds(books, later, because('as asked', envelope(at(31))), {
				lot: 'B4',
				parts: 4,
				basis: 'diluted',
				onto: 'soil',
				stops: [{ bed: 'Mere 2', ask: { by: 'all', litres: 20 }, field: 'x' }]
			})
		);
		askAll(books, 32);
		expect(germsOf(books, 'B4')).toBe('sugar-fed');
		expect(emptyBooks().flows.held().size).toBe(0);
	});
});
