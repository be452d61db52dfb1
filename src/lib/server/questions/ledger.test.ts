import { gardenBooks } from '../../../../tests/fixtures/grown';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Books } from '../db/books';
import { pictureOf, recallOf, traceOf } from './ledger';
import { booksOf } from './booked';

let books: Books;

beforeAll(() => {
	books = gardenBooks();
});

const bedCalled = (name: string) => books.beds.maybeOne(name)!;
const lots = () =>
	books.db.prepare<[], { id: number; code: string }>('SELECT id, code FROM lot').all();

describe('the trace of a bed', () => {
	const page = (skip: number, most = 2) =>
		pictureOf(books, { bed: bedCalled('Upper 3'), spreads: { most, skip } });

	it('shows some spreadings at a time, each once', () => {
		const bed = bedCalled('Upper 3');
		const all = books.applications.count(bed.id);
		expect(all).toBeGreaterThan(4);
		const pages = Array.from({ length: Math.ceil(all / 2) }, (_, i) => page(i * 2));
		const arrived = pages.flatMap(({ start, lines }) => lines.filter(({ to }) => to === start));
		expect(arrived.map(({ act }) => act).sort()).toEqual(
			books.applications
				.ofBed(bed.id, 99)
				.map(({ actId }) => actId)
				.sort()
		);
		for (const { start, lines } of pages)
			expect(lines.filter(({ to }) => to === start).length).toBeLessThanOrEqual(2);
	});

	it('goes back from those spreadings alone, to the wood they came from', () => {
		const { start, lines } = page(0, 1);
		const reached = new Set([start]);
		for (const line of [...lines].reverse()) {
			expect(reached.has(line.to) || line.to === 'gas-and-ash').toBe(true);
			reached.add(line.from);
		}
		expect([...reached].some((node) => node.startsWith('S'))).toBe(true);
	});

	it('brings to the bed what its books say it got', () => {
		const bed = bedCalled('Upper 3');
		const { start, lines } = page(0, 99);
		const kg = lines.filter(({ to }) => to === start).reduce((sum, line) => sum + line.kgDry, 0);
		const moved = books.db
			.prepare<[number], { g: number }>(
				"SELECT sum(amount_mg) / 1000.0 AS g FROM put_on_bed WHERE bed_id = ? AND substance IN ('char', 'ash', 'other')"
			)
			.get(bed.id);
		expect(kg * 1000).toBeCloseTo(moved?.g ?? 0, 6);
	});
});

describe('a recall', () => {
	it('finds every bed that anything made of a lot was put on, for every lot there is', () => {
		for (const { id, code } of lots()) {
			const recall = recallOf(books, pictureOf(books, { lot: { id, code } }));
			expect(new Set(recall.spreads.map(({ bed }) => bed)), code).toEqual(bedsReached(id));
		}
	});

	it('is the other way round of the trace of a bed', () => {
		for (const bed of books.beds.all()) {
			// What reached a part of it reached it.
			const names = [bed.name, ...bed.parts.map(({ name }) => name)];
			const back = traceOf(books, { bed, spreads: { most: 99, skip: 0 } }, 999).back.steps;
			for (const { code } of back) {
				const lot = books.ledger.lot(code);
				const { spreads } = recallOf(books, pictureOf(books, { lot }));
				expect(
					spreads.some((spread) => names.includes(spread.bed)),
					`${code} to ${bed.name}`
				).toBe(true);
			}
		}
	});
});

/** Beds reached from a lot, walked movement by movement without any of the code under test. */
function bedsReached(from: number): Set<string> {
	const rows = books.db
		.prepare<[], { act_id: string; lot_id: number | null; bed: string | null; amount: number }>(
			`SELECT m.act_id, m.lot_id, b.name AS bed, iif(m.direction = 'in', 1, -1) AS amount FROM movement m
			 JOIN standing_act a ON a.id = m.act_id LEFT JOIN bed_called b ON b.id = m.bed_id WHERE m.account IS NULL`
		)
		.all();
	const beds = new Set<string>();
	const seen = new Set([from]);
	for (let size = 0; size < seen.size;) {
		size = seen.size;
		for (const taken of rows.filter(
			(row) => row.lot_id !== null && row.amount < 0 && seen.has(row.lot_id)
		))
			for (const made of rows.filter((row) => row.act_id === taken.act_id && row.amount > 0)) {
				if (made.bed !== null) beds.add(made.bed);
				if (made.lot_id !== null) seen.add(made.lot_id);
			}
	}
	return beds;
}

describe('the books of a lot', () => {
	it('add up to what it holds, act by act', () => {
		for (const { id, code } of lots()) {
			const acts = booksOf(books, id);
			const sum = (of: 'volume_ul' | 'dry_g') => acts.reduce((total, act) => total + act[of], 0);
			const { volume_ul, dry_g } = books.ledger.lot(code);
			expect(sum('volume_ul'), code).toBe(volume_ul);
			expect(sum('dry_g'), code).toBeCloseTo(dry_g, 6);
		}
	});

	it('list readings and holds, which move nothing', () => {
		const verbs = booksOf(books, books.ledger.lot('S1').id).map(({ verb }) => verb);
		expect(verbs).toContain('read-moisture');
	});
});
