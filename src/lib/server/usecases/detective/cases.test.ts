import { beforeEach, describe, expect, it } from 'vitest';
import {
	because,
	day,
	done,
	envelope,
	refused,
	start,
	withCrushed,
	withRipeSoak,
	yard
} from '../../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import { litres } from '../../../core/units';
import type { Books } from '../../db/books';
import { allCases, casesOf, hitRate, openCase } from '../../questions/cases';
import { booksOf, cluesOn } from '../../questions/clues';
import { saidOf } from '../../questions/evidence-on-bed';
import { bedToTreat } from '../../questions/targets';
import { dutiesOf } from '../../rooms/duties';
import { reverseAct } from '../reverse-act';
import { doSmall } from '../small-act';
import { beginRescue, doRescueStep } from './rescue-bed';
import { spreadLot } from '../spread-lot';
import { closeBedCase, openBedCase, seeSigns, testBed } from './see-signs';

const now = start + 30 * day;
let books: Books;
beforeEach(() => {
	books = yard();
});
const bed = (at = now) => bedToTreat(books, 'Mere 2', at)!;
const signs = { bed: 'Mere 2', seen: ['gap', 'wilts-dry'], vain: ['moss'], asked: [] } as const;
const open = (at = now) => openBedCase(books, at, envelope(at), signs);
const close = (outcome: 'right' | 'wrong' | 'unclear', at = now, cause?: 'pests') =>
	closeBedCase(books, at, envelope(at), {
		...{ bed: 'Mere 2', outcome },
		...(cause ? { cause } : {})
	});
const readSeep = (minutes: number, at = now) =>
	doSmall(books, at, envelope(at), {
		...{ verb: 'read-seep', of: 'bed', name: 'Mere 2' },
		found: { water_l: 0.444, minutes }
	});

describe('a case', () => {
	it('keeps the cause that leads, one change and its day; Today asks then', () => {
		done(open());
		expect(openCase(books, bed())).toMatchObject({
			cause: 'dried-out',
			change: 'water-and-cover',
			lookDay: '2026-04-10'
		});
		const asked = (at: number) => dutiesOf(books, at).filter(({ href }) => href.endsWith('/why'));
		expect(asked(now + day)).toMatchObject([{ is: 'working' }]);
		expect(asked(now + 11 * day)).toMatchObject([{ is: 'due', code: 'Mere 2' }]);
		done(close('right', now + 11 * day));
		expect(asked(now + 12 * day)).toEqual([]);
		expect(faultsOf(books)).toEqual([]);
	});

	it('is one at a time, and closed one time', () => {
		expect(refused(close('right'))).toEqual(['no-case']);
		done(open());
		expect(refused(open(now + day))).toEqual(['case-open']);
		done(close('unclear', now + 2 * day));
		expect(refused(close('right', now + 3 * day))).toEqual(['no-case']);
		done(open(now + 4 * day));
		expect(casesOf(books, bed()).cases.length).toBe(2);
	});

	it('that was right or wrong weighs in the next, one that can’t be told does not', () => {
		done(open());
		done(close('wrong', now + day, 'pests'));
		done(open(now + 2 * day));
		done(close('right', now + 3 * day));
		done(open(now + 4 * day));
		done(close('unclear', now + 5 * day));
		expect(hitRate(books)).toEqual({ right: 1, of: 2, byCause: { pests: 1, 'dried-out': 1 } });
	});

	it('undone, the signs go with it', () => {
		const made = envelope(now);
		done(openBedCase(books, now, made, signs));
		const back = { actId: made.actId, withDependents: true, backTo: '/' };
		done(reverseAct(books, now, envelope(now), back));
		expect(allCases(books)).toEqual([]);
		expect(casesOf(books, bed()).said.seen).toEqual([]);
	});
});

describe('what was said of a bed', () => {
	it('stands until its case is closed; the later word goes before', () => {
		done(seeSigns(books, now, envelope(now), signs));
		done(seeSigns(books, now, envelope(now + 60_000), { ...signs, seen: ['moss'], vain: [] }));
		expect(casesOf(books, bed()).said.seen).toEqual(['moss']);
		done(open(now + day));
		done(close('right', now + 2 * day));
		expect(casesOf(books, bed()).said).toMatchObject({ seen: [], tested: [] });
	});

	it('a test is kept with how it came out, the last time it was made', () => {
		const test = (isSo: boolean, at: number) =>
			done(testBed(books, at, envelope(at), { ...signs, test: 'bone-dry', isSo }));
		test(false, now);
		test(true, now + day);
		expect(casesOf(books, bed()).said.tested).toEqual([{ test: 'bone-dry', isSo: true }]);
	});
});

describe('a rescue', () => {
	it('is begun one time, and Today asks for its next step on its day until it was looked at', () => {
		const step = (id: 'water' | 'look', at: number) =>
			doRescueStep(books, at, envelope(at), { bed: 'Mere 2', step: id });
		const asked = (at: number) =>
			dutiesOf(books, at).filter(({ name }) => name === 'is brought round');
		expect(refused(step('water', now))).toEqual(['no-rescue']);
		done(beginRescue(books, now, envelope(now), { bed: 'Mere 2' }));
		expect(refused(beginRescue(books, now, envelope(now), { bed: 'Mere 2' }))).toEqual([
			'rescue-runs'
		]);
		expect(asked(now)).toMatchObject([{ is: 'due' }]);
		done(step('water', now));
		expect(refused(step('water', now))).toEqual(['step-done']);
		expect(asked(now)[0]?.says).toContain('Cut nothing');
		done(step('look', now + 21 * day));
		expect(asked(now + 21 * day)).toEqual([]);
		done(beginRescue(books, now + 30 * day, envelope(now + 30 * day), { bed: 'Mere 2' }));
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('readings of the ground', () => {
	it('are ticked before anybody ticks, unless somebody said otherwise', () => {
		const count = (worms: number) =>
			done(
				doSmall(books, now, envelope(now), {
					...{ verb: 'count-worms', of: 'bed', name: 'Mere 2', found: { worms } }
				})
			);
		count(2);
		expect(saidOf(books, bed(), now).seen).toEqual(['few-worms']);
		done(seeSigns(books, now, envelope(now), { ...signs, seen: ['gap'], vain: ['few-worms'] }));
		expect(saidOf(books, bed(), now)).toMatchObject({ seen: ['gap'], vain: ['few-worms'] });
		expect(saidOf(books, bed(), now + 70 * day).seen).toEqual(['gap']);
	});
});

describe('clues from the books', () => {
	it('of a bed that nothing is known of: bare, unfed, sour, on light soil', () => {
		expect([...cluesOn(books, bed(), now)].sort()).toEqual(
			[
				...['heavy-feeder', 'light-soil', 'no-cover', 'no-nitrogen', 'no-raw-no-chips'],
				...['ph-5.4', 'ph-6.5']
			].sort()
		);
	});

	it('raw char is one for ninety days', () => {
		withCrushed(books);
		const at = start + 5 * day;
		done(
			spreadLot(books, at, because('asked', envelope(at)), {
				...{ bed: 'Mere 2', lot: 'K2', ask: { by: 'carried', litres: litres(10) } }
			})
		);
		expect(cluesOn(books, bed(), now)).toContain('raw-char-lately');
		const later = at + 91 * day;
		expect(cluesOn(books, bed(later), later)).not.toContain('raw-char-lately');
		expect(cluesOn(books, bed(later), later)).toContain('no-raw-no-chips');
	});

	it('charged char is no raw char, and what it brings is nitrogen', () => {
		withRipeSoak(books);
		const at = start + 12 * day;
		done(
			spreadLot(books, at, because('asked', envelope(at)), {
				...{ bed: 'Mere 2', lot: 'C1', ask: { by: 'carried', litres: litres(20) } }
			})
		);
		expect(booksOf(books, bed(), now).nitrogen_g_m2).toBeGreaterThan(0);
		expect(cluesOn(books, bed(), now)).not.toContain('raw-char-lately');
	});

	it('a ring that drinks slowly is one, for half a year', () => {
		done(readSeep((60 * 24.3) / 10));
		expect(cluesOn(books, bed(), now)).toContain('slow-15');
		done(readSeep((60 * 24.3) / 3, now + day));
		expect(cluesOn(books, bed(), now + day)).toContain('slow-5');
		expect(cluesOn(books, bed(), now + 200 * day)).not.toContain('slow-5');
	});
});
