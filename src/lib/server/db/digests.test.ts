import { describe, expect, it } from 'vitest';
import {
	done,
	envelope,
	later,
	start,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { reverseAct } from '../usecases/reverse-act';
import type { Books } from './books';
import { digestStore } from './digests';

const filled = (): Books => {
	const books = yard();
	withRipeSoak(books);
	return books;
};
/** Damage behind the program's back, as a disk or a hand may do it. */
const damage = (books: Books, table: string, sql: string) => {
	books.db.pragma('foreign_keys = OFF');
	for (const verb of ['update', 'delete']) books.db.exec(`DROP TRIGGER ${table}_no_${verb}`);
	books.db.exec(sql);
};

describe('the digests of acts', () => {
	it('hold as they were written, reversals too', () => {
		const books = filled();
		expect(books.digests.firstBreak()).toBeUndefined();
		const [last] = books.acts.recent(1);
		done(
			reverseAct(books, later, envelope(later), {
				actId: last!.id,
				withDependents: true,
				backTo: '/'
			})
		);
		expect(books.digests.firstBreak()).toBeUndefined();
		const { acts, digest } = books.digests.head();
		expect(acts).toBe(books.acts.count());
		expect(digest).toMatch(/^[0-9a-f]{64}$/);
	});

	it('find a row that was changed, at the act that wrote it', () => {
		const books = filled();
		damage(books, 'movement', 'UPDATE movement SET mass_mg = mass_mg + 1 WHERE id = 4');
		const { act_id: actId } = books.db
			.prepare<[], { act_id: string }>('SELECT act_id FROM movement WHERE id = 4')
			.get()!;
		expect(books.digests.firstBreak()).toMatchObject({ actId, why: 'changed' });
	});

	it('find a row of contents, a whole act, and a digest that were cut out', () => {
		const contents = filled();
		damage(contents, 'content', 'DELETE FROM content WHERE movement_id = 3');
		expect(contents.digests.firstBreak()?.why).toBe('changed');
		const acts = filled();
		for (const verb of ['update', 'delete']) acts.db.exec(`DROP TRIGGER act_digest_no_${verb}`);
		damage(
			acts,
			'act',
			'DELETE FROM act_digest WHERE act_id = (SELECT id FROM act WHERE seq = 3); DELETE FROM act WHERE seq = 3'
		);
		expect(acts.digests.firstBreak()).toMatchObject({ seq: 4, why: 'changed' });
		const bare = filled();
		damage(
			bare,
			'act_digest',
			'DELETE FROM act_digest WHERE act_id = (SELECT id FROM act WHERE seq = 3)'
		);
		expect(bare.digests.firstBreak()).toMatchObject({ seq: 3, why: 'no-digest' });
	});

	it('are not changed by a column that comes later with a value by default', () => {
		const books = filled();
		books.db.exec("ALTER TABLE finding ADD COLUMN later TEXT NOT NULL DEFAULT ''");
		books.db.exec('ALTER TABLE movement ADD COLUMN later_l REAL');
		expect(digestStore(books.db).firstBreak()).toBeUndefined();
		expect(start).toBeLessThan(later);
	});
});
