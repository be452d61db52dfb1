import { gardenBooks } from '../../../../tests/fixtures/grown';
import { beforeAll, expect, it } from 'vitest';
import { evaluate } from '../../../../tests/fixtures/formula';
import {
	bedFigures,
	carriedBy,
	charAfter,
	compareSchools,
	fullByWeight,
	planDose,
	pottingFor,
	shareFigure,
	spreadFigures,
	weighedSorts
} from '$lib/core/beds';
import { chargeFigures, stageFigures } from '$lib/core/charging';
import { burnFigures, lossShareOf, plannedFigures, volumeYieldOf } from '$lib/core/fires';
import { lotFigures } from '$lib/core/ledger';
import { litresPerM2, type Estimate } from '$lib/core/units';
import { heldFigure } from '$lib/core/vessels';
import { leftFigure, moistureFigures } from '$lib/core/woodyard';
import { namedMoves } from '$lib/format/moves';
import type { Books } from '$lib/server/db/books';
import { spreadables } from '$lib/server/questions/beds';
import { booksOf } from '$lib/server/questions/booked';
import { burnLines, woodTaken } from '$lib/server/questions/fires';
import { standingAt } from '$lib/server/questions/standing';
import { stackLines } from '$lib/server/questions/woodyard';
import { rules } from './rules';

const now_ms = Date.UTC(2026, 10, 24, 12);
let books: Books;

beforeAll(() => {
	books = gardenBooks();
});

type Named = readonly (readonly [name: string, figure: Estimate | undefined])[];

const named = (thing: string, figures: object): Named =>
	Object.entries(figures).map(([name, figure]) => [`${thing}, ${name}`, figure as Estimate]);

const ofLots = (): Named =>
	books.db
		.prepare<[], { code: string }>('SELECT code FROM lot')
		.all()
		.flatMap(({ code }) => {
			const lot = books.ledger.maybeLotEver(code)!;
			const acts = booksOf(books, lot.id).map((act) => ({ ...act, at_ms: act.happenedAt_ms }));
			return named(code, lotFigures(lot, namedMoves(acts, { now_ms, timeZone: 'UTC' })));
		});

const ofStacks = (): Named =>
	stackLines(books).flatMap(({ stack, left, reading }) => {
		const water = reading && moistureFigures(reading);
		return named(stack.code, { left: leftFigure(stack.measured, left), ...water });
	});

const ofFires = (): Named =>
	burnLines(books, books.burns.latestIds(99), standingAt(books, now_ms)).flatMap(
		({ burn, outcome, charCode }) => {
			const planned = burn.plan ? named(burn.code, plannedFigures(burn.plan)) : [];
			const char = charCode === undefined ? null : books.char.maybeOne(charCode);
			if (!burn.record || !outcome || !char) return planned;
			const { water, ...gave } = burnFigures(burn.record, char.density, outcome);
			return [
				...planned,
				...named(burn.code, {
					...gave,
					...(water ? { water } : {}),
					lossShare: lossShareOf(gave.wood, gave.loss),
					...(burn.record.woodFrom === 'stacks'
						? { byVolume: volumeYieldOf(gave.volume, woodTaken(books, burn.record.actId)) }
						: {})
				})
			];
		}
	);

const ofCharges = (): Named =>
	books.batches
		.inStock()
		.flatMap((charge) => [...chargeFigures(charge), ...named(charge.code, stageFigures(charge))]);

const ofBeds = (): Named =>
	books.beds.all().flatMap((bed) => [
		...named(bed.name, bedFigures(bed)),
		...books.applications
			.ofBed(bed.id, 99)
			.filter(({ char_l }) => char_l > 0)
			.flatMap((spread) => named(`on ${bed.name}`, spreadFigures(spread))),
		...spreadables(books, now_ms).flatMap((lot): Named => {
			const had = { char_l: bed.char_l, firstSeason: false };
			const dose = planDose(litresPerM2(1.7), bed.ground, had, lot);
			return [
				...compareSchools(bed.ground, had, lot).map(
					(row) => [row.school.id, carriedBy(row, bed, lot)] as const
				),
				...weighedSorts(lot.code, lot.density.value, bed.ground.depth).map(
					({ id, share }) => [id, share] as const
				),
				['full', fullByWeight(lot.code, lot.density.value, bed.ground.depth)],
				['pots', pottingFor(lot)],
				['carry', dose.mixLitres],
				['kg', dose.charKg],
				['after', shareFigure(charAfter(bed.char, lot, dose), bed.ground)]
			];
		})
	]);

const ofVessels = (): Named =>
	books.vessels.all().map(({ name, shape, capacity_l }) => [name, heldFigure(shape, capacity_l)]);

const ofRules = (): Named =>
	Object.values(rules).flatMap((room) => [...room].map(([name, { figure }]) => [name, figure]));

it.each([
	['lot', ofLots, 100],
	['stack', ofStacks, 20],
	['fire', ofFires, 200],
	['charge', ofCharges, 50],
	['bed', ofBeds, 300],
	['vessel', ofVessels, 2],
	['rule', ofRules, 10]
] as const)('every figure of a %s is what its printed formula gives', (_kind, figures, least) => {
	const all = figures();
	expect(all.length).toBeGreaterThan(least);
	for (const [name, figure] of all) if (figure) expectWorked(name, figure);
});

function expectWorked(name: string, { value, low, high, formula, from }: Estimate): void {
	const where = `${name}: ${formula}`;
	const again = evaluate(formula, new Map(from.map((input) => [input.name, input.value])));
	expect(Math.abs(again - value), where).toBeLessThanOrEqual(1e-6 * Math.max(1, Math.abs(value)));
	expect(low <= value && value <= high, where).toBe(true);
	for (const { source } of from) expect(source.length, where).toBeGreaterThan(2);
}

it('a yield of the list has the range of its figure', () => {
	for (const { burn, outcome, charCode, ...line } of burnLines(
		books,
		books.burns.latestIds(99),
		standingAt(books, now_ms)
	)) {
		const char = charCode === undefined ? null : books.char.maybeOne(charCode);
		if (!burn.record || !outcome || !char || !line.yield) continue;
		const told = burnFigures(burn.record, char.density, outcome).massYield;
		for (const end of ['value', 'low', 'high'] as const)
			expect(told[end], burn.code).toBeCloseTo(line.yield[end], 2);
	}
});

it('a school goes from its low to its high end, and stops at all the soil', () => {
	const bed = books.beds.maybeOne('Mere 2')!;
	const lot = spreadables(books, now_ms).find(({ code }) => code === 'C4')!;
	for (const row of compareSchools(bed.ground, { char_l: bed.char_l, firstSeason: false }, lot))
		for (const end of ['low', 'high'] as const)
			expect(carriedBy(row, bed, lot)[end]).toBeCloseTo(row[end].mix_l, 9);
});
