import { beforeAll, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { emptyBooks, envelope } from '../../../../tests/fixtures/garden';
import type { Books } from '../db/books';
import { growGarden } from '../demo/garden';
import { tryOut } from '../send';
import { dependentsAsked, dependentsOf, reverseAct } from './reverse-act';

const now = Date.UTC(2026, 10, 24, 12);
let books: Books;
let standing: readonly string[];

beforeAll(() => {
	books = emptyBooks();
	growGarden(books, now);
	standing = books.acts
		.recent(10_000)
		.filter((act) => !act.reversed && act.reversesId === null)
		.map(({ id }) => id);
});

const undo = (actId: string, withDependents: boolean) =>
	reverseAct(books, now, envelope(now), { actId, withDependents, backTo: '/' });

/** Facts and lots that speak of an act that stands no more, though their own act does. */
const orphans = () =>
	books.db
		.prepare(
			`SELECT m.act_id FROM movement m JOIN standing_act a ON a.id = m.act_id JOIN lot l ON l.id = m.lot_id
				WHERE NOT EXISTS (SELECT 1 FROM standing_act s WHERE s.id = l.act_id)
			 UNION ALL SELECT t.act_id FROM ready_test t JOIN standing_act a ON a.id = t.act_id JOIN lot l ON l.id = t.lot_id
				WHERE NOT EXISTS (SELECT 1 FROM standing_act s WHERE s.id = l.act_id)
			 UNION ALL SELECT q.act_id FROM quench_check q JOIN standing_act a ON a.id = q.act_id
				WHERE NOT EXISTS (SELECT 1 FROM burn_record r JOIN standing_act s ON s.id = r.act_id WHERE r.burn_id = q.burn_id)
			 UNION ALL SELECT p.act_id FROM application p JOIN standing_act a ON a.id = p.act_id
				WHERE NOT EXISTS (SELECT 1 FROM bed_version v JOIN standing_act s ON s.id = v.act_id WHERE v.bed_id = p.bed_id)`
		)
		.all();

describe('any act of the garden, taken back', () => {
	it('leaves the books whole, and nothing standing on what is gone', () => {
		expect(standing.length).toBeGreaterThan(300);
		// Every seventh is as good as all, and a seventh of the time.
		for (const actId of standing.filter((_, i) => i % 7 === 0)) {
			const left = tryOut(books, () => {
				const outcome = undo(actId, true);
				return { outcome, faults: faultsOf(books), orphans: orphans() };
			});
			expect(left, actId).toMatchObject({ outcome: { status: 'done' }, faults: [], orphans: [] });
		}
	}, 240_000);

	it('says how many acts rest on it before it takes any of them along', () => {
		const [burn] = standing
			.filter((id) => books.acts.maybeOne(id)?.verb === 'record-burn')
			.slice(-1);
		const resting = dependentsOf(books, burn!);
		expect(resting.length).toBeGreaterThan(1);
		expect(tryOut(books, () => undo(burn!, false))).toEqual({
			status: 'refused',
			issues: [{ field: 'act', code: 'rests-on-it', facts: { count: resting.length } }]
		});
	});

	it('undoes with it exactly those, newest first', () => {
		const [burn] = standing
			.filter((id) => books.acts.maybeOne(id)?.verb === 'record-burn')
			.slice(-1);
		const resting = dependentsOf(books, burn!);
		expect(resting.map(({ seq }) => seq)).toEqual(
			resting.map(({ seq }) => seq).sort((a, b) => b - a)
		);
		const gone = tryOut(books, () => {
			undo(burn!, true);
			return standing.filter((id) => books.acts.maybeOne(id)?.reversed);
		});
		expect([...gone].sort()).toEqual([burn, ...resting.map(({ id }) => id)].sort());
	});

	it('can be asked of many at once, with the same answers', () => {
		const ask = dependentsAsked(books);
		for (const id of standing.slice(0, 60))
			expect(ask(id).map((act) => act.id)).toEqual(dependentsOf(books, id).map((act) => act.id));
	});
});
