import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { day, start, withRipeSoak, yard } from '../fixtures/garden';
import { readBooks } from './support/books';
import { openPage } from './support/page';
import { actId, post } from './support/post';
import { ownFolder, startServer, type Server } from './support/server';

const folder = ownFolder();
let server: Server;
let books: ReturnType<typeof readBooks>;

beforeAll(async () => {
	const seeded = yard(folder.database);
	withRipeSoak(seeded);
	seeded.db.close();
	server = await startServer({
		database: folder.database,
		now: new Date(start + 12 * day).toISOString()
	});
	books = readBooks(folder.database);
});
afterAll(async () => {
	books.close();
	await server.stop();
	folder.drop();
});

const spread = (id: string, amount: string) =>
	post(server, '/beds/Mere%202?/spread', { actId: id, lot: 'C1', form: 'L/m2', amount });

describe('the same act', () => {
	it('sent twice, even at the same time, counts once and leads to the same place', async () => {
		const id = actId();
		const before = books.balance('C1').volume_ul;
		const answers = await Promise.all([spread(id, '1'), spread(id, '1'), spread(id, '1')]);
		expect(answers.map((answer) => answer.status)).toEqual([303, 303, 303]);
		expect(new Set(answers.map((answer) => answer.headers.get('location'))).size).toBe(1);
		expect(books.balance('C1').volume_ul).toBe(before - 8_000_000);
		expect(books.one<{ n: number }>('SELECT count(*) AS n FROM act WHERE id = ?', id).n).toBe(1);
	});

	it('come back with another figure is asked about, and neither is lost', async () => {
		const id = actId();
		expect((await spread(id, '0.5')).status).toBe(303);
		const before = books.everything();
		const second = await spread(id, '0.75');
		expect(second.status).toBe(400);
		const html = await second.text();
		expect(html).toMatch(/already sent, with other figures/);
		expect(html).toContain('0.75');
		expect(html).not.toContain(`name="actId" value="${id}"`);
		expect(books.everything()).toBe(before);
	});
});

describe('two tabs on the same lot', () => {
	it('cannot take more than is there: the second is told what is left, and keeps what it typed', async () => {
		const one = await openPage(server.address);
		const two = await openPage(server.address);
		try {
			for (const tab of [one, two]) {
				await tab.go('/beds/Mere%202?lot=C1');
				await tab.fill('How much', '3.5');
				// With what went on before it is more than a first season should bring.
				await tab.fill('Why it is right all the same', 'both want it');
			}
			await one.press('Log it spread');
			const before = books.everything();
			await two.press('Log it spread');
			expect(await two.complaintAt('How much')).toMatch(/C1 holds only 20 L/);
			expect(await two.value('How much')).toBe('3.5');
			expect(books.everything()).toBe(before);
		} finally {
			await one.close();
			await two.close();
		}
	});
});

describe('a reversal', () => {
	it('lists what rests on the act, undoes it in order, and leaves both in the books', async () => {
		const page = await openPage(server.address);
		try {
			await page.go('/ledger/lot/K2');
			const acts = books.acts();
			// The crush is the first act of K2: the soak, its test and three spreads rest on it.
			await page.unfoldLine('Crushed');
			await page.follow('See what rests on it');
			expect(await page.text()).toContain('Five later acts rest on it');
			await page.press('Reverse: crushed');
			expect(await page.text()).toContain('5 later acts rest on it');
			expect(books.acts()).toBe(acts);
			await page.tick('Undo them too');
			await page.press('Reverse: crushed');
			expect(await page.path()).toBe('/ledger/lot/K2');
			await page.answers('K2 was taken back');
			expect(books.acts('reverse')).toBe(6);
			expect(books.balance('K1').volume_ul).toBe(300_000_000);
			expect(books.balance('C1').volume_ul).toBe(0);
			expect(
				books.one<{ ul: number }>(
					"SELECT coalesce(sum(iif(direction = 'in', volume_ul, -volume_ul)), 0) AS ul FROM movement WHERE bed_id IS NOT NULL"
				).ul
			).toBe(0);
			expect(books.faults()).toEqual([]);
			await page.go('/beds/Mere%202');
			await page.answers(/Mere 2 holds 0 % char|Mere 2.*then hold/);
			await page.go('/char/K2');
			expect(await page.text()).toContain('There is nothing at this address');
		} finally {
			await page.close();
		}
	});
});
