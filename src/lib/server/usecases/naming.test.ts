import { beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import {
	because,
	day,
	done,
	envelope,
	later,
	plainBed,
	refused,
	start,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import type { SpreadInput } from '../../input/beds';
import { litres, metres } from '../../core/units';
import type { Books } from '../db/books';
import { bedToTreat, hadBy } from '../questions/targets';
import { booksAbout } from '../questions/booked';
import { harvestFrom } from '../questions/germs';
import { thingAt } from '../questions/things';
import { takeAway } from './count-lot';
import { calibrateMeasure, keepSettings } from './keep-settings';
import { markPart, putOwn } from './mark-part';
import { measureBed } from './measure-bed';
import { mergeThings, nameThing, renameThing, retireThing } from './naming';
import { reverseAct } from './reverse-act';
import { spreadLot } from './spread-lot';
import { doSmall } from './small-act';

let books: Books;
beforeEach(() => {
	books = yard();
	withRipeSoak(books);
});
const at = (d: number, id?: string) => envelope(start + d * day, id);
const undo = (actId: string) =>
	reverseAct(books, later, at(60), { actId, withDependents: true, backTo: '/' });
const spread = (input: Partial<SpreadInput> & Pick<SpreadInput, 'ask'>, d = 45) =>
	spreadLot(books, later, because('asked', at(d)), { bed: 'Mere 2', lot: 'C1', ...input });
const bed = (name: string) => books.beds.maybeOne(name);
const otherBed = (name: string) => done(measureBed(books, later, at(40), { ...plainBed, name }));

describe('a name', () => {
	it('is given anew by an act, leads on where it was known, and comes back by undoing', () => {
		const { id } = bed('Mere 2')!;
		done(
			renameThing(books, later, at(41, 'called-otherwise'), {
				kind: 'bed',
				name: 'Mere 2',
				newName: 'Reed bed'
			})
		);
		expect(bed('Reed bed')?.id).toBe(id);
		expect(bed('Mere 2')).toBeNull();
		expect(thingAt(books, 'bed', 'Mere 2')?.name).toBe('Reed bed');
		// The old name is free again.
		otherBed('Mere 2');
		expect(bed('Mere 2')?.id).not.toBe(id);
		expect(
			refused(
				renameThing(books, later, at(42), { kind: 'bed', name: 'Reed bed', newName: 'mere 2' })
			)
		).toEqual(['name-taken']);
		done(undo('called-otherwise'));
		expect(books.things.byId(id)?.name).toBe('Mere 2');
		expect(booksAbout(books, id).map(({ verb }) => verb)).toContain('rename');
	});

	it('that was undone with its thing can come again', () => {
		done(
			calibrateMeasure(books, later, at(1, 'calibrate-pail'), { name: 'pail', litres: litres(9) })
		);
		done(undo('calibrate-pail'));
		expect(books.settings.measures()).toEqual([]);
		done(calibrateMeasure(books, later, at(2), { name: 'pail', litres: litres(10) }));
		expect(books.settings.measures()).toEqual([{ name: 'pail', litres: 10 }]);
	});
});

describe('what is used no longer', () => {
	it('is offered nowhere, keeps its page and books, and comes back by undoing', () => {
		done(retireThing(books, later, at(41, 'retire-a-bed'), { kind: 'bed', name: 'Mere 2' }));
		expect(books.beds.names()).not.toContain('Mere 2');
		expect(bed('Mere 2')).not.toBeNull();
		expect(refused(retireThing(books, later, at(42), { kind: 'bed', name: 'Mere 2' }))).toEqual([
			'unknown-thing'
		]);
		done(undo('retire-a-bed'));
		expect(books.beds.names()).toContain('Mere 2');
	});

	it('may be the same as another: its history counts there and its name leads there', () => {
		done(spread({ ask: { by: 'rate', form: 'L/m2', amount: 1 } }));
		const char = bed('Mere 2')!.char_l;
		expect(char).toBeGreaterThan(0);
		otherBed('Reed bed');
		done(
			mergeThings(books, later, at(45, 'merge-two-beds'), {
				kind: 'bed',
				name: 'Mere 2',
				into: 'Reed bed'
			})
		);
		expect(bed('Mere 2')?.name).toBe('Reed bed');
		expect(bed('Reed bed')?.char_l).toBeCloseTo(char, 9);
		expect(books.applications.count(bed('Reed bed')!.id)).toBe(1);
		expect(books.beds.names()).not.toContain('Mere 2');
		done(undo('merge-two-beds'));
		expect(bed('Reed bed')?.char_l).toBe(0);
		expect(bed('Mere 2')?.char_l).toBeCloseTo(char, 9);
		expect(faultsOf(books)).toEqual([]);
	});

	it('is no vessel in which a soak stands', () => {
		const retire = (d: number) => retireThing(books, later, at(d), { kind: 'vessel', name: 'Tub' });
		expect(refused(retire(5))).toEqual(['tub-busy']);
		done(takeAway(books, later, at(39), { code: 'C1', how: 'lose', part: 'all', reason: 'spilt' }));
		done(retire(40));
		expect(books.vessels.all().map(({ name }) => name)).not.toContain('Tub');
	});
});

describe('people, places and devices', () => {
	it('have books of what they did and what was done with them', () => {
		const settings = { ...books.settings.current(), people: ['Oda', 'Bram'] };
		done(keepSettings(books, later, at(3, 'keep-people'), settings));
		done(
			nameThing(books, later, at(4), { kind: 'device', name: 'Long probe', reads: 'temperature' })
		);
		expect(books.settings.current().people).toEqual(['Oda', 'Bram']);
		const oda = books.things.maybeOne('person', 'Oda')!;
		expect(booksAbout(books, oda.id).map(({ verb }) => verb)).toEqual(
			expect.arrayContaining(['keep-settings', 'name-thing'])
		);
		done(keepSettings(books, later, at(5), { ...settings, people: ['Bram'] }));
		expect(books.settings.current().people).toEqual(['Bram']);
		expect(books.search.exact('long probe').map(({ kind }) => kind)).toEqual(['device']);
		expect(books.search.like('prob', 5).map(({ code }) => code)).toContain('Long probe');
	});
});

describe('a part of a bed', () => {
	const strip = (more: object = {}) =>
		markPart(books, later, at(20, 'mark-a-strip'), {
			bed: 'Mere 2',
			name: 'Mere 2 strip',
			along: metres(6),
			length: metres(2),
			...more
		});

	it('lies inside it, and over no other part', () => {
		expect(refused(strip({ along: metres(7) }))).toEqual(['part-outside']);
		done(strip());
		const over = markPart(books, later, at(21), {
			bed: 'Mere 2',
			name: 'plot',
			along: metres(5),
			length: metres(1.5)
		});
		expect(refused(over)).toEqual(['part-overlaps']);
		expect(bed('Mere 2 strip')).toMatchObject({
			ground: { area: 2 },
			texture: bed('Mere 2')!.texture
		});
	});

	it('had of the whole what fell to its soil, and what it had counts for the whole', () => {
		done(strip());
		done(spread({ ask: { by: 'rate', form: 'L/m2', amount: 2 } }));
		const [whole, part] = [bed('Mere 2')!, bed('Mere 2 strip')!];
		expect(part.char_l).toBeCloseTo(whole.char_l * (part.ground.area / whole.ground.area), 6);
		expect(part.share).toBeCloseTo(whole.share, 9);
		expect(hadBy(books, part).char).toBeCloseTo((hadBy(books, whole).char ?? 0) / 4, -1);
		const before = whole.char_l;
		done(spread({ bed: 'Mere 2 strip', ask: { by: 'rate', form: 'L/m2', amount: 1 } }));
		expect(bed('Mere 2')!.char_l).toBeGreaterThan(before);
		expect(bed('Mere 2 strip')!.char_l).toBeGreaterThan(part.char_l);
		expect(harvestFrom(books, part, later)).toEqual(harvestFrom(books, bed('Mere 2')!, later));
		expect(faultsOf(books)).toEqual([]);
	});

	it('that is left untreated is passed over: less goes on, and none of it there', () => {
		done(strip());
		expect(
			refused(
				doSmall(books, later, at(21), {
					verb: 'leave-untreated',
					of: 'bed',
					name: 'Mere 2',
					found: {}
				})
			)
		).toEqual(['no-part']);
		done(
			doSmall(books, later, at(21), {
				verb: 'leave-untreated',
				of: 'bed',
				name: 'Mere 2 strip',
				found: {}
			})
		);
		const treat = bedToTreat(books, 'Mere 2', later)!;
		expect(treat.passedOver).toEqual(['Mere 2 strip']);
		expect(treat.ground.area).toBeCloseTo(6, 9);
		done(spread({ ask: { by: 'rate', form: 'L/m2', amount: 2 } }));
		const put = books.applications.ofBed(bed('Mere 2')!.id, 5)[0]!;
		expect(put.mix_l).toBeCloseTo(12, 1);
		expect(bed('Mere 2 strip')!.char_l).toBe(0);
		// A last day that is said later ends it.
		done(
			doSmall(books, later, at(50), {
				verb: 'leave-untreated',
				of: 'bed',
				name: 'Mere 2 strip',
				found: {},
				firstDay: bed('Mere 2')!.parts[0]!.untreated[0]!.firstDay!,
				lastDay: '2026-05-01'
			})
		);
		expect(bed('Mere 2')!.parts[0]!.untreated).toHaveLength(1);
	});

	it('of a group of pots is so many of them', () => {
		done(
			measureBed(books, later, at(10), {
				...plainBed,
				name: 'Pots',
				isNew: true,
				target: 'pots',
				pieces: 24,
				length_m: 0.28,
				width_m: 0.28
			})
		);
		const pots = (name: string, piecesBefore: number, pieces: number) =>
			markPart(books, later, at(11), { bed: 'Pots', name, piecesBefore, pieces });
		done(pots('First six', 0, 6));
		expect(refused(pots('Next', 5, 3))).toEqual(['part-overlaps']);
		expect(refused(pots('Next', 20, 5))).toEqual(['part-outside']);
		done(pots('Next', 6, 3));
		expect(bed('First six')!.ground.area).toBeCloseTo((bed('Pots')!.ground.area * 6) / 24, 9);
	});
});

describe('what has no lot', () => {
	it('goes on a bed as litres that came from outside', () => {
		done(putOwn(books, later, at(20), { bed: 'Mere 2', material: 'water', litres: 18 }));
		const [put] = books.applications.ofBed(bed('Mere 2')!.id, 1);
		expect(put).toMatchObject({ lotCode: '', material: 'water', mix_l: 18, char_l: 0 });
		expect(faultsOf(books)).toEqual([]);
		expect(books.digests.firstBreak()).toBeUndefined();
	});
});
