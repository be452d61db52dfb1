import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import {
	burnInput,
	day,
	envelope,
	done,
	hour,
	later,
	start,
	walkSeries,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { litres } from '../../core/units';
import type { Books } from '../db/books';
import type { Reading } from '../../input/form';
import { measureBed } from '../usecases/measure-bed';
import { calibrateMeasure } from '../usecases/keep-settings';
import { stockUp } from '../usecases/bring-in';
import { recordBurn } from '../usecases/record-burn';
import { wordsOf } from '../../format/sentence';
import { previewLine, writeLine, writtenWhen } from './log';

let books: Books;
const reading: Reading = {
	timeZone: 'UTC',
	person: 'Bram',
	now_ms: start + 20 * day,
	measures: [{ name: 'barrow', litres: 78 }]
};

beforeEach(() => {
	books = yard();
	withRipeSoak(books);
});

const preview = (line: string) => previewLine(books, reading, line).reading;
/** What it was understood as, in words. */
const told = (line: string): string => {
	const read = preview(line);
	if (read.status !== 'understood') throw new Error(JSON.stringify(read.issues));
	return `${wordsOf(read.told.head)}. ${wordsOf(read.told.text)}`;
};
const codes = (line: string) => {
	const read = preview(line);
	return read.status === 'trouble' ? read.issues.map(({ code }) => code) : ['understood'];
};
const everything = () =>
	books.db
		.prepare<[], { n: number }>(
			'SELECT (SELECT count(*) FROM act) + (SELECT count(*) FROM movement) + (SELECT count(*) FROM lot) AS n'
		)
		.get()?.n;

describe('a fire in three lines', () => {
	it('is loaded, gives its char, and tells its water', () => {
		const at = (n: number) => ({ ...reading, now_ms: start + (21 + n) * day });
		const write = (line: string, n: number) => {
			const outcome = writeLine(books, at(n), line, `a-line-of-a-fire-${n}`);
			expect(outcome.status).toBe('done');
		};
		write('burn Lantern S1 4 barrows', 0);
		expect(books.burns.maybeOne('F2')?.plan?.loads).toEqual([
			{ code: 'S1', volume_ul: 312_000_000, all: false }
		]);
		write('char F2 68 L; measured twice', 1);
		expect(books.burns.maybeOne('F2')?.record?.charLitres).toBe(68);
		write('water F2 hose 12 min at 11 L', 2);
		expect(books.burns.maybeOne('F2')?.record?.water_l).toBe(132);
		write('water F2 40 L', 3);
		expect(books.burns.maybeOne('F2')?.record?.water_l).toBe(40);
	});

	it.each([
		['burn Lantern', ['line-burn']],
		['burn nowhere S1', ['line-burn']],
		['char F1', ['line-how-much']],
		['char F1 30 L', ['already-burnt']],
		['char F9 30 L', ['unknown-burn']],
		['water F1 hose 12 min', ['no-hose-rate']],
		['water F9 12 L', ['unknown-burn']]
	])('%s is asked back', (line, said) => expect(codes(line)).toEqual(said));
});

describe('a line, before it is written', () => {
	it('says what a spreading would do', () => {
		expect(told('20 L C1 > Mere 2')).toMatch(
			/^Spread 20 L of C1 on Mere 2\. That is [\d.]+ L of char; Mere 2 goes from 0 % to 1\.\d %, and C1 keeps 40 L/
		);
		expect(told('all c1 > mere; a dry spot')).toContain('Spread 60 L');
		expect(told('5 L/m2 C1 > Mere 2; a dry spot')).toContain('That is 40 L of char');
		expect(told('1/2 barrow C1 > Mere 2; dry')).toContain('Spread 39 L');
	});

	it.each([
		'20 L C1 to Mere 2',
		'20 L C1 -> Mere 2',
		'20 L C1→mere 2',
		'20 litres of C1 onto Mere 2',
		'spread 20 litres of C1 on mere2',
		'Spread 20 L c1 on Mere 2 yesterday',
		'20 L C1 > Mere 2 @yesterday',
		'20 L C1 > Mere 2 @ 14 Mar 9am',
		'20 L C1 > Mere 2 2 days ago',
		'20 L C1 > Mere 2 2 days ago; it was dry'
	])('is read as people write it: %s', (line) =>
		expect(told(line)).toContain('Spread 20 L of C1 on Mere 2')
	);

	it('asks back at a bare part of a lot, and takes the two ways to say it', () => {
		expect(codes('1/2 C1 > Mere 2')).toEqual(['ask-part']);
		expect(codes('0.5 C1 > Mere 2')).toEqual(['ask-part']);
		expect(codes('5 % C1 > Mere 2')).toEqual(['ask-percent']);
		for (const half of ['half', 'half of', '1/2 of', '50 % of'])
			expect(told(`${half} C1 > Mere 2`)).toMatch(/^Spread 30 L.*keeps 30 L/);
		expect(told('2.5 % of soil C1 > Mere 2')).toContain('That is 30 L of char');
		expect(codes('a barrow C1 > Mere 2')).toEqual(['short']);
	});

	it('means by a vessel its open fire, else its newest, and says which', () => {
		const burnt = (days: number, code: string) => {
			done(
				recordBurn(books, later, envelope(start + days * day), {
					...burnInput,
					loads: [{ code: 'S1', litres: 300 }],
					measured: { by: 'litres', litres: litres(70) }
				})
			);
			expect(told('temp Lantern 60 C')).toContain(`${code} in Lantern at 60 °C`);
		};
		burnt(18, 'F2');
		// Entered late, an older fire is not what the vessel means.
		burnt(15, 'F2');
		walkSeries(books, 'F2', start + 18 * day);
		expect(told('temp Lantern 60 C')).toContain('F3 in Lantern');
	});

	it('says what a reading, a check, a count, a crushing and a note would do', () => {
		expect(told('moist S1 19 22 24')).toMatch(/^Readings of S1 .*It holds/);
		expect(told('moist S1 19, 22, and 24')).toBe(told('moist S1 19 22 24'));
		expect(told('temp F1 40')).toMatch(/^F1 in Lantern at 40 °C\. Quenched .*Only a check/);
		expect(told('check F1 cold 62 cold smoke')).toMatch(/does not pass: heat.* and smoke/);
		expect(told('check F1 all cold')).toBe(told('check F1 cold, cold, cold'));
		expect(told('check F1 all cold')).toContain('checked in three places. All cold');
		expect(told('stir C1')).toContain('C1 stirred');
		expect(codes('turn S1')).toEqual(['not-done-with-it']);
		expect(codes('turn')).toEqual(['line-which-lot']);
		expect(told('count C1 52 L; dipped')).toContain('The books had 60 L: 8 L less');
		expect(told('note Mere 2 slugs @ the pond')).toBe('A note at Mere 2. "slugs @ the pond"');
		expect(told('note mere2, sown 20 Nov')).toBe('A note at Mere 2. "sown 20 Nov"');
	});

	it.each([
		['moist S1 18,5 20,5 19,5', []],
		['moist S1 19,22', ['ask-comma']],
		['check F1 31,250 cold', ['ask-comma']]
	])('one comma before one digit is decimal, before more it is asked: %s', (line, wanted) =>
		expect(codes(line)).toEqual(wanted.length ? wanted : ['understood'])
	);

	it('frees no hot char by a decimal comma', () => {
		expect(told('check F1 49,5 31')).toMatch(/^F1 checked in two places\. It does not pass/);
	});

	it('parts a list by semicolons where a reading follows, and begins the reason elsewhere', () => {
		expect(told('moist S1 18,5; 20,5 ; 19,5')).toBe(told('moist S1 18.5 20.5 19.5'));
		expect(told('check F1 cold; 62; cold; smoke')).toBe(told('check F1 cold 62 cold smoke'));
		expect(codes('moist S1 19 22 24; after the rain')).toEqual(['understood']);
		// What only begins like a reading is the reason.
		expect(codes('moist S1 19 22 24; 5 days of rain before')).toEqual(['understood']);
		expect(told('check F1 cold cold cold; white frost on the heap')).toContain('All cold');
	});

	it('dates nothing by what a reason or a note says', () => {
		for (const line of ['20 L C1 > Mere 2; windy yesterday', 'note Mere 2 windy yesterday']) {
			const read = preview(line);
			expect(read, line).toMatchObject({ status: 'understood', happenedAt: '' });
		}
		expect(preview('20 L C1 > Mere 2 yesterday; windy')).toMatchObject({
			happenedAt: '2026-03-20T12:00'
		});
	});

	it('puts what else is in stock on a bed, and asks why past the year’s cap of ash', () => {
		done(
			stockUp(books, reading.now_ms, envelope(reading.now_ms - day), {
				material: 'hardwood-ash',
				name: 'stove ash',
				measure: { litres: litres(10) }
			})
		);
		expect(told('1 L M2 > Mere 2')).toMatch(/^Put 1 L of M2 stove ash on Mere 2\..*keeps 9 L/);
		expect(codes('3 L M2 > Mere 2')).toEqual(['ash-cap']);
		expect(codes('3 L M2 > Mere 2; the test said so')).toEqual(['understood']);
	});

	it('leaves the books as they were, whatever it says', () => {
		const before = everything();
		for (const line of ['20 L C1 > Mere 2', 'note C1 sour', 'count C1 5 L; spilt', 'rubbish'])
			preview(line);
		expect(everything()).toBe(before);
	});

	it.each([
		['', 'line-empty'],
		['fly to the moon', 'line-no-verb'],
		['38 L > Mere 2', 'line-which-lot'],
		['C1 > Mere 2', 'line-how-much'],
		['38 L C1', 'line-which-bed'],
		['38 L C1 > Nowhere', 'unknown-bed'],
		['38 L C9 > Mere 2', 'unknown-lot'],
		['900 L C1 > Mere 2', 'short'],
		['3 sacks C1 > Mere 2', 'bad-unit'],
		['20 L K2 > Mere 2', 'char-raw'],
		['20 L C1 > Mere 2 > Mere 3', 'line-two-beds'],
		['20 L C1 > Mere 2 and Mere 3', 'line-two-beds'],
		['20 L S1 > Mere 2', 'line-no-spread'],
		['20 L C1 > Mere 2 @ soon', 'line-bad-when'],
		['20 L C1 > Mere 2 @ monstera', 'line-bad-when'],
		['20 L C1 > Mere 2 @ 2027-01-01', 'future'],
		['moist S1', 'line-which-readings'],
		['moist S1 wet', 'bad-number'],
		['temp Ditch 300', 'line-which-fire'],
		['temp F1', 'line-how-hot'],
		['check F1', 'line-no-places'],
		['check F1 1 2 3 4 5', 'line-many-places'],
		['count C1 52 L', 'line-why'],
		['crush K2 300 L', 'implausible-crush'],
		['note nobody knows', 'line-note-where'],
		['note Mere 2', 'line-note-what']
	])('"%s" is refused: %s', (line, code) => expect(codes(line)).toEqual([code]));

	it('takes a beginning that fits one bed, and asks when it fits several', () => {
		expect(codes('20 L C1 > M')).toEqual(['understood']);
		const mere2 = books.beds.maybeOne('Mere 2')!;
		done(
			measureBed(books, later, envelope(start + hour), {
				...mere2,
				...mere2.ground,
				name: 'Mere 3',
				isNew: true,
				depth_m: 0.15,
				ph: null
			})
		);
		expect(codes('20 L C1 > M')).toEqual(['line-which']);
		expect(codes('20 L C1 > mere 3')).toEqual(['understood']);
	});

	it('is never worse than refused, whatever is typed', () => {
		const words = fc.constantFrom(
			...'38 L C1 S1 F1 K2 > Mere 2 ; @ moist temp check count crush note spread all 1/0 -5 % \u0000 é 🔥 9e99 oven warm'.split(
				' '
			)
		);
		fc.assert(
			fc.property(
				fc.array(fc.oneof(words, fc.string({ maxLength: 8 })), { maxLength: 9 }),
				(parts) => {
					const read = previewLine(books, reading, parts.join(' '));
					expect(['understood', 'trouble']).toContain(read.reading.status);
				}
			),
			{ numRuns: 200 }
		);
	});
});

describe('a line, written', () => {
	it('is the same act as the form, with the line kept as typed', () => {
		const outcome = writeLine(books, reading, ' 20 L C1 > Mere 2 @ 2026-03-15 ', 'line-act-1');
		expect(done(outcome)).toBe('/beds/Mere%202');
		expect(books.ledger.lot('C1').volume_ul).toBe(40_000_000);
		const act = books.acts.maybeOne('line-act-1');
		expect(act).toMatchObject({
			verb: 'spread',
			person: 'Bram',
			typed: { line: '20 L C1 > Mere 2 @ 2026-03-15' },
			happenedAt_ms: Date.UTC(2026, 2, 15, 12)
		});
	});

	it('sent twice is one act; another line under its id is refused', () => {
		done(writeLine(books, reading, '20 L C1 > Mere 2', 'line-act-2'));
		done(writeLine(books, reading, '20 L C1 > Mere 2', 'line-act-2'));
		expect(books.ledger.lot('C1').volume_ul).toBe(40_000_000);
		const other = writeLine(books, reading, '10 L C1 > Mere 2', 'line-act-2');
		expect(other).toMatchObject({ status: 'refused', issues: [{ code: 'sent-before' }] });
		expect(books.ledger.lot('C1').volume_ul).toBe(40_000_000);
	});

	it('that waited on a device happened when it was written there, and is recorded when it came', () => {
		const then = reading.now_ms - 5 * hour - 1234;
		done(writeLine(books, reading, '20 L C1 > Mere 2', 'device-act-1', then));
		expect(books.acts.maybeOne('device-act-1')).toMatchObject({
			happenedAt_ms: then,
			recordedAt_ms: reading.now_ms,
			typed: { line: '20 L C1 > Mere 2' }
		});
	});

	it('that waited says its days from the day it was written', () => {
		const then = reading.now_ms - 3 * day;
		done(writeLine(books, reading, 'note Mere 2 frost @ yesterday 8:00', 'device-act-2', then));
		expect(books.acts.maybeOne('device-act-2')?.happenedAt_ms).toBe(
			Math.floor(then / day) * day - day + 8 * hour
		);
	});

	it('whose answer was lost is not written a second time', () => {
		done(writeLine(books, reading, '20 L C1 > Mere 2', 'device-act-3'));
		const again = { ...reading, now_ms: reading.now_ms + hour };
		done(writeLine(books, again, '20 L C1 > Mere 2', 'device-act-3', reading.now_ms));
		expect(books.ledger.lot('C1').volume_ul).toBe(40_000_000);
		expect(books.acts.maybeOne('device-act-3')?.happenedAt_ms).toBe(reading.now_ms);
	});

	it('of a device whose clock runs ahead happened now', () => {
		done(writeLine(books, reading, 'note Mere 2 dry', 'device-act-4', reading.now_ms + day));
		expect(books.acts.maybeOne('device-act-4')?.happenedAt_ms).toBe(reading.now_ms);
	});

	it.each([
		['1772900000000', 1772900000000],
		['', undefined],
		['0', undefined],
		['-5', undefined],
		['1e12', undefined],
		['9'.repeat(16), undefined],
		['yesterday', undefined]
	])('was written at %s: %s', (told, ms) => expect(writtenWhen(told)).toBe(ms));

	it('takes the crushing of a part', () => {
		const fresh = yard();
		withRipeSoak(fresh);
		expect(fresh.char.maybeOne('K1')?.volume_ul).toBe(0);
		const refusedWhy = writeLine(fresh, reading, 'crush K1 10 L', 'line-act-3');
		expect(refusedWhy).toMatchObject({ status: 'refused', issues: [{ code: 'empty' }] });
	});
});

describe('the ways on', () => {
	const ways = (line: string) =>
		previewLine(books, reading, line).completions.map((way) => way.line);

	it('lead from nothing to a whole line, each one step', () => {
		done(calibrateMeasure(books, later, envelope(start + hour), { name: 'barrow', litres: 78 }));
		expect(ways('')).toContain('1 barrow ');
		expect(ways('1 ')).toContain('1 barrow ');
		expect(ways('1 barrow ')).toContain('1 barrow C1 > ');
		expect(ways('1 barrow C1 > ')).toEqual(['1 barrow C1 > Mere 2']);
		expect(ways('mo')).toEqual(['moist ']);
		expect(ways('moist ')).toEqual(['moist S1 ']);
		expect(ways('check ')).toEqual(['check F1 ']);
		expect(ways('check F1 cold wa')).toEqual(['check F1 cold warm ']);
		expect(ways('check F1 32 ')).toContain('check F1 32 cold ');
		expect(ways('temp Lan')).toEqual(['temp F1 ']);
		expect(ways('note Me')).toEqual(['note Mere 2 ']);
	});

	it('offer what is ripe before what is not', () => expect(ways('20 L ')[0]).toBe('20 L C1 > '));
});
