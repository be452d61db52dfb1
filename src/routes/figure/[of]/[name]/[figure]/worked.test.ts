import { beforeAll, describe, expect, it } from 'vitest';
import { evaluate } from '../../../../../../tests/fixtures/formula';
import { emptyBooks } from '../../../../../../tests/fixtures/garden';
import { schools, type CureStage } from '$lib/core/charging';
import { doseSchools } from '$lib/core/beds';
import type { Books } from '$lib/server/db/books';
import { growGarden } from '$lib/server/demo/garden';
import { spreadables } from '$lib/server/questions/beds';
import { chargeLines } from '$lib/server/questions/charging';
import { burnLines } from '$lib/server/questions/fires';
import { pictureOfBed, pictureOfLot, recallOf } from '$lib/server/questions/ledger';
import { standingAt } from '$lib/server/questions/standing';
import { today } from '$lib/server/questions/today';
import { figuresOf } from './figures.server';
import { rules } from './rules';

const now_ms = Date.UTC(2026, 10, 24, 12);
const moment = { now_ms, timeZone: 'UTC' };
const day = 86_400_000;
let books: Books;

beforeAll(() => {
	books = emptyBooks();
	growGarden(books, now_ms);
});

const ask = (of: keyof typeof figuresOf, name: string, figure: string) =>
	figuresOf[of](books, name, figure, moment);
const valueOf = (...asked: Parameters<typeof ask>) => ask(...asked)?.figure.value;

describe('what an act moved', () => {
	it('is every line of the books, and its dry weight closes', () => {
		const lines = books.db
			.prepare<[], { act: string; code: string; ml: number; g: number }>(
				`SELECT m.act_id AS act, l.code, sum(iif(m.direction = 'in', m.volume_ml, -m.volume_ml)) AS ml,
					sum(iif(m.direction = 'in', 1, -1) * coalesce((SELECT sum(c.amount_mg) FROM content c WHERE c.movement_id = m.id AND c.substance IN ('wood', 'char', 'ash', 'other')), 0)) / 1000.0 AS g
				 FROM movement m JOIN lot l ON l.id = m.lot_id GROUP BY m.act_id, l.id`
			)
			.all();
		expect(lines.length).toBeGreaterThan(300);
		for (const { act, code, ml, g } of lines) {
			expect(valueOf('moved', act, `L:${code}`), code).toBeCloseTo(ml / 1000, 9);
			const { figure } = ask('moved', act, `kg:${code}`)!;
			expect(figure.value, code).toBeCloseTo(g / 1000, 9);
			const worked = evaluate(figure.formula, new Map(figure.from.map((i) => [i.name, i.value])));
			expect(worked, `${act} ${code}`).toBeCloseTo(figure.value, 6);
		}
	});

	it('is each strand of every trace, by what it was shared out from', () => {
		const lots = books.db
			.prepare<[], { id: number; code: string }>('SELECT id, code FROM lot')
			.all();
		const lines = [
			...lots.flatMap(({ id, code }) => pictureOfLot(books, id, code).lines),
			...books.beds.all().flatMap(({ id, name }) => pictureOfBed(books, id, name, 99, 0).lines)
		];
		expect(lines.length).toBeGreaterThan(500);
		for (const { act, from, to, litres, kgDry } of lines) {
			expect(valueOf('moved', act, `L:${from}>${to}`)).toBeCloseTo(litres, 9);
			expect(valueOf('moved', act, `kg:${from}>${to}`)).toBeCloseTo(kgDry, 9);
		}
	});
});

describe('sums of the yard', () => {
	it('are those of Today and of Charging', () => {
		const { rawLitres, ripe } = today(books, now_ms);
		expect(valueOf('yard', 'all', 'raw')).toBeCloseTo(rawLitres, 9);
		expect(valueOf('yard', 'all', 'ripe')).toBeCloseTo(
			ripe.reduce((sum, { charge }) => sum + charge.volume_ml / 1000, 0),
			9
		);
		expect(valueOf('yard', 'all', 'dry')).toBeGreaterThan(0);
	});

	it('are what a recall finds of a lot', () => {
		const lot = books.ledger.maybeLot('C2')!;
		const { inStock } = recallOf(books, pictureOfLot(books, lot.id, lot.code));
		const left = inStock.reduce((sum, { litres }) => sum + litres, 0);
		expect(left).toBeGreaterThan(0);
		expect(valueOf('yard', 'C2', 'left')).toBeCloseTo(left, 9);
	});

	it('leave out char that is held', () => {
		const before = valueOf('yard', 'all', 'raw') ?? 0;
		const held = spreadables(books, now_ms).filter(({ kind, held }) => kind === 'char' && held);
		for (const { code } of held) {
			const codes = ask('yard', 'all', 'raw')!.figure.from.map(({ name }) => name);
			expect(codes).not.toContain(code);
		}
		expect(before).toBeGreaterThan(0);
	});
});

describe('a charge', () => {
	it('reaches each stage so many days from its start', () => {
		for (const { charge, window } of chargeLines(books, now_ms))
			for (const stage of ['usable', 'best', 'fading', 'past'] as CureStage[]) {
				const at = window[`${stage}_ms`];
				const days = at === null ? undefined : (at - charge.startedAt_ms) / day;
				const told = valueOf('lot', charge.code, stage);
				if (days === undefined) expect(told).toBeUndefined();
				else expect(told).toBeCloseTo(days, 6);
			}
	});

	it('has a share of char, and raw char is all char', () => {
		expect(valueOf('lot', 'C4', 'share')).toBe(books.batches.maybeOne('C4')?.charShare.value);
		expect(valueOf('lot', 'K10', 'share')).toBe(1);
		expect(ask('lot', 'S1', 'share')).toBeUndefined();
	});
});

describe('a bed with a lot at hand', () => {
	it('is told what each school would put there, and what it then holds', () => {
		for (const { id } of doseSchools) {
			const then = ask('bed', 'Mere 2', `then:${id}:C4`)!;
			const rate = then.figure.from.find(({ unit }) => unit === 'L/m²')!;
			const { char_l, ground } = books.beds.maybeOne('Mere 2')!;
			const ends = [rate.low!, rate.high!].map(
				(one) => (char_l + one * ground.area) / (ground.area * ground.depth * 1000)
			);
			expect(then.figure.low).toBeCloseTo(ends[0]!, 9);
			expect(then.figure.high).toBeCloseTo(ends[1]!, 9);
			const here = ask('bed', 'Mere 2', `rate:${id}:C4`)!.figure;
			expect(here.low).toBeCloseTo(rate.low!, 9);
			expect(here.high).toBeCloseTo(rate.high!, 9);
			expect(valueOf('bed', 'Mere 2', `school:${id}:C4`)).toBeGreaterThan(0);
		}
	});

	it('is told what a line would do before it is written', () => {
		const lot = spreadables(books, now_ms).find(({ code }) => code === 'C4')!;
		const bed = books.beds.maybeOne('Mere 2')!;
		const char = 38 * lot.charShare.value;
		expect(valueOf('bed', 'Mere 2', 'carry:38:C4')).toBeCloseTo(38, 9);
		expect(valueOf('bed', 'Mere 2', 'char:38:C4')).toBeCloseTo(char, 9);
		expect(valueOf('bed', 'Mere 2', 'left:38:C4')).toBeCloseTo(lot.litresLeft - 38, 9);
		expect(valueOf('bed', 'Mere 2', 'after:38:C4')).toBeCloseTo(
			(bed.char_l + char) / (bed.ground.area * bed.ground.depth * 1000),
			9
		);
		expect(valueOf('lot', 'C4', 'counted:62')).toBe(62 - (lot.litresLeft as number));
		expect(valueOf('lot', 'K2', 'packed:90:60')).toBeCloseTo(1 / 3, 9);
		expect(valueOf('lot', 'S1', 'reading:oven:10 20')).toBeCloseTo(0.15, 9);
	});

	it('is told what a weight of it means', () => {
		const { figure } = ask('bed', 'Mere 2', 'weight:own:C4')!;
		const [weight, density, soil] = figure.from.map(({ value }) => value);
		expect(figure.value).toBeCloseTo(weight! / density! / soil!, 9);
		expect(valueOf('bed', 'Mere 2', 'weight:light:C4')).toBeGreaterThan(
			valueOf('bed', 'Mere 2', 'weight:dense:C4')!
		);
		expect(valueOf('bed', 'Mere 2', 'full:C4')).toBeGreaterThan(0);
	});
});

it('a yield of the list has the range of its figure', () => {
	for (const { burn, yield: range } of burnLines(
		books,
		books.burns.latest(99),
		standingAt(books, now_ms)
	)) {
		const told = ask('fire', burn.code, 'yield')?.figure;
		for (const end of ['value', 'low', 'high'] as const)
			if (range) expect(told?.[end], burn.code).toBeCloseTo(range[end], 2);
	}
});

/** Every figure that the garden's books have, by thing and name. */
function everyFigure(): readonly (readonly [keyof typeof figuresOf, string, string])[] {
	const codes = (sql: string) => books.db.prepare<[], string>(sql).pluck().all();
	const of = (kind: keyof typeof figuresOf, names: readonly string[], figures: readonly string[]) =>
		names.flatMap((name) => figures.map((figure) => [kind, name, figure] as const));
	const lots = codes('SELECT code FROM lot');
	const beds = books.beds.all().map(({ name }) => name);
	const ways = doseSchools.flatMap(({ id }) => [
		`school:${id}:C4`,
		`rate:${id}:C4`,
		`then:${id}:C4`
	]);
	return [
		...of('lot', lots, [
			'litres',
			'kg',
			'share',
			'char',
			'warmth',
			'usable',
			'best',
			'fading',
			'past'
		]),
		...of('stack', lots, ['dry', 'water', 'wettest']),
		...of('fire', codes('SELECT code FROM burn'), ['char', 'yield', 'expected']),
		...of('bed', beds, ['share', 'target', 'ceiling', 'length', 'width', 'depth', 'ph']),
		...of('bed', beds, [
			...ways,
			'weight:own:C4',
			'full:C4',
			'pots:C4',
			'carry:9:C4',
			'after:9:C4'
		]),
		...of(
			'vessel',
			books.vessels.all().map(({ name }) => name),
			['capacity']
		),
		...of('spread', codes('SELECT act_id FROM application'), ['char', 'kg']),
		...of('yard', ['all'], ['dry', 'raw', 'ripe']),
		...[...Object.entries(rules)].flatMap(([room, named]) => of('rule', [room], [...named.keys()]))
	];
}

it('every figure is what its printed formula gives with its printed inputs', () => {
	let told = 0;
	for (const [of, name, figure] of everyFigure()) {
		const found = ask(of, name, figure)?.figure;
		if (!found) continue;
		told += 1;
		const where = `${of} ${name}, ${figure}: ${found.formula}`;
		const again = evaluate(found.formula, new Map(found.from.map((i) => [i.name, i.value])));
		expect(Math.abs(again - found.value), where).toBeLessThanOrEqual(
			1e-6 * Math.max(1, Math.abs(found.value))
		);
		expect(found.low <= found.value && found.value <= found.high, where).toBe(true);
		for (const { source } of found.from) expect(source.length, where).toBeGreaterThan(2);
	}
	expect(told).toBeGreaterThan(500);
});

it('every rule names its source, and says so under its room', () => {
	for (const [room, named] of Object.entries(rules))
		for (const [figure, rule] of named) {
			const told = ask('rule', room, figure)!;
			expect(told.label).toBe(rule.label);
			expect(told.figure.from[0]?.source.length, rule.label).toBeGreaterThan(10);
			expect(told.href).toMatch(/^\/\w+/);
		}
	expect(rules.yield?.size).toBe(2);
	expect(schools.length).toBeGreaterThan(1);
});

it.each([
	['moved', 'demo-00088', 'L:nope'],
	['moved', 'demo-00088', 'C4'],
	['moved', 'nobody', 'L:C4'],
	['moved', '__proto__', 'L:C4>bed:Mere 2'],
	['yard', 'all', 'left'],
	['yard', 'C2', 'raw'],
	['rule', '__proto__', 'toString'],
	['rule', 'wood', 'constructor'],
	['bed', 'Mere 2', 'carry:1e99:C4'],
	['bed', 'Mere 2', 'carry:-3:C4'],
	['bed', 'Mere 2', '__proto__:thin:C4'],
	['bed', 'Mere 2', 'school:thin:S1'],
	['lot', 'C4', 'counted:much'],
	['lot', 'K2', 'packed:0:3'],
	['lot', 'S1', 'reading:oven:wet'],
	['lot', 'C4', 'constructor:1'],
	['measure', 'nope', 'litres']
] as const)('of %s %s, %s is none', (of, name, figure) => {
	expect(ask(of, name, figure)).toBeUndefined();
});
