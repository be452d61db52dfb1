import { beforeEach, describe, expect, it } from 'vitest';
import {
	because,
	burnInput,
	day,
	done,
	emptyBooks,
	envelope,
	hour,
	plainBed,
	refused,
	start,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { byClock } from '../../core/worth';
import { litres } from '../../core/units';
import { hoursSchema } from '../../input/worth';
import { readAct } from '../../input/form';
import type { Books } from '../db/books';
import { takeAway, recountLot } from '../usecases/count-lot';
import { measureBed } from '../usecases/measure-bed';
import { mergeThings } from '../usecases/naming';
import { recordBurn } from '../usecases/record-burn';
import { reverseAct } from '../usecases/reverse-act';
import { inRound } from '../usecases/round';
import { doSmall } from '../usecases/small-act';
import { spreadLot } from '../usecases/spread-lot';
import { logHours, logPaid, shareHours, tellPrices } from '../usecases/worth/log-hours';
import { carbonOf, carbonOfBeds, carbonOfBurns, fatesOfChar } from './carbon';
import { putByBed, seasonOf, yearsMoved } from './season';
import { sparedByYear, worthOf } from './worth';
import { yearReport } from './year-report';
import { yieldPoints, yieldsOf } from './yields';

const now = start + 200 * day;
let books: Books;
beforeEach(() => {
	books = yard();
	withRipeSoak(books);
});
const ripe = start + 12 * day;
const spread = (amount: number, at_ms = ripe) =>
	done(
		spreadLot(books, at_ms, because('asked', envelope(at_ms)), {
			...{ bed: 'Mere 2', lot: 'C1', ask: { by: 'carried', litres: litres(amount) } }
		})
	);
const near = (value: number, wanted: number) => expect(value / wanted).toBeCloseTo(1, 2);

describe('where char went', () => {
	it('through crushing and charging to a bed, nothing lost on the way', () => {
		const made = books.burnFacts.all()[0]!;
		spread(20);
		const { onBeds, gone, inLots } = fatesOfChar(books);
		const sum = (rows: readonly { kg: number }[]) => rows.reduce((all, { kg }) => all + kg, 0);
		expect(new Set(onBeds.map(({ origin }) => origin))).toEqual(new Set(['F1']));
		near(sum(onBeds) + sum(gone) + (inLots.get('F1') ?? 0), made.charKg.value);
	});

	it('counts what is in soil alone; stock and what was sold to a neighbour stand apart', () => {
		expect(carbonOf(books, '').soil.char_kg).toBe(0);
		spread(20);
		const before = carbonOf(books, '');
		expect(before.soil.net.low).toBeLessThan(before.soil.net.high);
		expect(before.beds.map(({ name }) => name)).toEqual(['Mere 2']);
		const [there] = carbonOfBeds(books, { names: ['Mere 2'], counts: '' });
		near(there!.net.value, before.soil.net.value);
		expect(before.byYear.map(({ name }) => name)).toEqual(['2026']);
		done(
			takeAway(books, now, envelope(ripe + day), {
				code: 'C1',
				part: litres(10),
				how: 'give-away',
				reason: 'sold to a neighbour'
			} as Parameters<typeof takeAway>[3])
		);
		const after = carbonOf(books, '');
		near(after.soil.char_kg, before.soil.char_kg);
		expect(after.away.char_kg).toBeGreaterThan(0);
		near(after.away.char_kg + after.stock.char_kg, before.stock.char_kg);
	});

	it('an ash of a sample narrows it; what the wood would else have done is counted where it is asked', () => {
		spread(20);
		const before = carbonOf(books, '');
		done(
			doSmall(books, now, envelope(ripe + day), {
				...{ verb: 'read-char-ash', of: 'lot', name: 'K1' },
				found: { share: 0.06 }
			})
		);
		const after = carbonOf(books, '');
		expect(after.soil.gross.high - after.soil.gross.low).toBeLessThan(
			before.soil.gross.high - before.soil.gross.low
		);
		const [burnt] = carbonOfBurns(books, ['F1'], 'bonfire');
		const [plain] = carbonOfBurns(books, ['F1'], '');
		expect(burnt!.net.value).toBeGreaterThan(plain!.net.value);
		expect(plain!.else.value).toBe(0);
	});

	it('is nothing on empty books', () => {
		const empty = emptyBooks();
		expect(carbonOf(empty, '').soil.net.value).toBe(0);
		expect(yearsMoved(empty)).toEqual([]);
		expect(worthOf(empty, 0).perLitre).toBeUndefined();
		expect(yieldsOf(empty, '').next).toEqual({ by: 'nothing', tell: 'water' });
	});
});

describe('hours and worth', () => {
	const hours = (more: Partial<Parameters<typeof logHours>[3]> = {}, act = envelope(ripe)) =>
		logHours(books, now, act, {
			...{ stage: 'tend', took: { minutes: 90, heads: 2 }, of: '' },
			...more
		});

	it('told of a fire, of its char and of nothing come to the litre', () => {
		done(hours({ of: 'F1' }));
		done(hours({ of: 'K1', stage: 'crush', took: { minutes: 30, heads: 1 } }));
		done(tellPrices(books, now, envelope(ripe), { prices: [{ of: 'char', price: 1.5 }] }));
		done(logPaid(books, now, envelope(ripe), { paidFor: 'gas', paid: 3, of: '' }));
		const told = worthOf(books, 0);
		const { charLitres } = books.burnFacts.all()[0]!;
		near(told.perLitre!.minutes.value, 210 / charLitres);
		near(told.perLitre!.cash, 3 / charLitres);
		expect(told.spared).toMatchObject([{ of: 'char', price: 1.5 }]);
		expect(told.byWay).toHaveLength(1);
		near(told.byWay[0]!.minutes.value, 210);
		expect(told.toldOf).toEqual({ fires: 1, of: 1 });
		expect(faultsOf(books)).toEqual([]);
	});

	it('with the act itself: at what, its verb says', () => {
		const act = { ...envelope(ripe + day), took: { minutes: 25, heads: 1 } };
		done(
			takeAway(books, now, act, {
				...{ code: 'C1', part: litres(5), how: 'lose', reason: 'spilt' }
			} as Parameters<typeof takeAway>[3])
		);
		const [worked] = books.effort.worked();
		expect(worked).toMatchObject({ stage: 'other', minutes: { value: 25 }, actId: act.actId });
		expect(worked?.about).toContain(books.ledger.lot('C1').id);
	});

	it('of a round is the time of all its stops, told once', () => {
		const stops = [1, 2, 3, 4].map((n) => ({ field: `stop${n}` }));
		const act = { ...envelope(ripe), took: { minutes: 40, heads: 2 } };
		done(
			inRound(books, act, { stops, path: '/' }, (each) =>
				doSmall(books, now, each, {
					...{ verb: 'remark', of: 'bed', name: 'Mere 2' },
					found: { words: 'looked at' }
				})
			)
		);
		expect(books.effort.worked()).toHaveLength(4);
		expect(worthOf(books, 0).all.value).toBeCloseTo(80, 9);
	});

	it('a share of a day is a range; another year counts by itself; taken back it is gone', () => {
		const act = envelope(ripe);
		done(
			shareHours(books, now, act, {
				...{ of: '' },
				worked: [{ stage: 'gather', heads: 1, minutes: { value: 60, low: 46, high: 78 } }]
			})
		);
		expect(worthOf(books, 2026).isGuessed).toBe(true);
		expect(worthOf(books, 2025).all.value).toBe(0);
		expect(sparedByYear(books).map(({ year }) => year)).toEqual([2026]);
		done(
			reverseAct(books, now, envelope(now), {
				...{ actId: act.actId, withDependents: false, backTo: '/worth' }
			})
		);
		expect(worthOf(books, 2026).all.value).toBe(0);
	});

	it('are the same sent twice, and refused of what there is not', () => {
		const act = envelope(ripe, 'hours-sent-twice');
		done(hours({}, act));
		done(hours({}, act));
		expect(books.effort.worked()).toHaveLength(1);
		expect(refused(hours({ of: 'K77' }))).toEqual(['no-such-thing']);
		const read = readAct(
			hoursSchema(),
			{ actId: 'hours-of-a-form', stage: 'cut', lasted: 'a while', ofThing: '' },
			{ timeZone: 'UTC', person: 'Oda', now_ms: now }
		);
		expect(read.ok ? [] : read.issues.map(({ field, code }) => [field, code])).toEqual([
			['lasted', 'bad-took']
		]);
		expect(byClock(5).low).toBe(5);
	});
});

describe('a season', () => {
	it('closes to the milligram, and says what nobody counted', () => {
		spread(20);
		const { char, wood, fires, made_l } = seasonOf(books, 2026);
		expect(fires).toBe(1);
		near(made_l, books.burnFacts.all()[0]!.charLitres);
		for (const { opening, closing, flows } of [char, wood])
			expect(flows.reduce((sum, { kg }) => sum + kg.value, opening.value)).toBeCloseTo(
				closing.value,
				4
			);
		expect(char.closes.is).toBe('closes');
		expect(seasonOf(books, 2027).char.opening.value).toBeCloseTo(char.closing.value, 9);
		// A year on nobody has counted the pile: whether it closes nobody knows.
		expect(seasonOf(books, 2027).char.closes.is).toBe('uncounted');
		expect(seasonOf(books, 2027).char.uncounted.map(({ lotId }) => lotId)).toContain(
			books.ledger.lot('C1').id
		);
		expect(putByBed(books, 2026)[0]?.char).toBeGreaterThan(0);
		expect(putByBed(books, 2025)).toEqual([]);
	});

	it('does not close where a count puts much of it right', () => {
		done(
			recountLot(books, now, envelope(ripe), {
				...{ code: 'C1', found: litres(20), reason: 'the pile was counted' }
			} as Parameters<typeof recountLot>[3])
		);
		const { closes } = seasonOf(books, 2026).char;
		expect(closes.is).toBe('off');
		expect(closes.found).toBeLessThan(0);
	});

	it('counts what a merged bed had to the other, and to itself once that is taken back', () => {
		spread(20);
		done(measureBed(books, now, envelope(start), { ...plainBed, name: 'Mere 9' }));
		const merge = envelope(ripe + day);
		done(mergeThings(books, now, merge, { kind: 'bed', name: 'Mere 2', into: 'Mere 9' }));
		expect(carbonOf(books, '').beds.map(({ name }) => name)).toEqual(['Mere 9']);
		done(
			reverseAct(books, now, envelope(now), {
				...{ actId: merge.actId, withDependents: false, backTo: '/beds' }
			})
		);
		expect(carbonOf(books, '').beds.map(({ name }) => name)).toEqual(['Mere 2']);
	});

	it('is printed: made, put on, lying', () => {
		spread(20);
		const report = yearReport(books, 2026, now);
		expect(report.burns.map(({ code }) => code)).toEqual(['F1']);
		expect(report.put.map(({ name }) => name)).toEqual(['Mere 2']);
		expect(report.lies.map(({ code }) => code)).toContain('C1');
		expect(report.kept?.char_kg).toBeGreaterThan(0);
	});
});

describe('yields', () => {
	it('has its limits from the fifth earlier burn on, and a yield that stands out', () => {
		const burn = (n: number, char: number) =>
			done(
				recordBurn(books, now, envelope(start + (20 + n) * day + hour), {
					...burnInput,
					loads: [{ code: 'S1', litres: litres(150) }],
					measured: { by: 'litres', litres: litres(char) },
					told: { lit_ms: start + (20 + n) * day - 2 * hour, layers: 6 + n, wind: 'calm' }
				})
			);
		[42, 44, 41, 43, 42, 18].forEach((char, n) => burn(n, char));
		const points = yieldPoints(books);
		expect(points.filter(({ limits }) => limits)).toHaveLength(points.length - 5);
		expect(points.at(-1)?.stands).toBe('below');
		expect(points.at(-1)?.wind).toBe(0);
		expect(points.at(-1)?.pace).toBeCloseTo(180 / 10, 6);
		const told = yieldsOf(books, '');
		expect(told.bearings.find(({ of }) => of === 'wind')?.bearing.status).toBe('alike');
		expect(told.bearings.find(({ of }) => of === 'water')?.bearing.status).toBe('too-few');
		expect(told.looked).toBeGreaterThan(0);
	});
});
