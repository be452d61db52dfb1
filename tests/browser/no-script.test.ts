import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { day, start, withRipeSoak, yard } from '../fixtures/garden';
import { readBooks } from './support/books';
import { openPage, type Page } from './support/page';
import { ownFolder, startServer, type Server } from './support/server';

const folder = ownFolder();
let server: Server;
let page: Page;
let books: ReturnType<typeof readBooks>;

beforeAll(async () => {
	const seeded = yard(folder.database);
	withRipeSoak(seeded);
	seeded.db.close();
	server = await startServer({
		database: folder.database,
		now: new Date(start + 12 * day).toISOString()
	});
	page = await openPage(server.address, 'desk', { script: false });
	books = readBooks(folder.database);
});
afterAll(async () => {
	books.close();
	await page.close();
	await server.stop();
	folder.drop();
});

describe('with script switched off', () => {
	it('truly runs none', async () => {
		await page.go('/');
		expect(await page.driver.findElements({ css: 'html[data-live]' })).toEqual([]);
	});

	it('a stack is worked out on sending, then kept', async () => {
		await page.go('/woodyard');
		await page.fill('Length', '2');
		await page.fill('Height', '1');
		await page.press('Work it out');
		await page.answers(/This pile holds [\d–]+ kg of dry wood/);
		expect(await page.value('Length')).toBe('2');
		await page.press('Keep this stack');
		expect(await page.path()).toBe('/woodyard/S2');
		expect(books.balance('S2').volume_ml).toBe(2_000_000);
	});

	it('a reading, a check and a test are logged', async () => {
		await page.fill('Percent of each piece', '19 20 22');
		await page.press('Log the reading');
		await page.answers('may burn now');
		await page.go('/fires/F1');
		for (const place of [1, 2, 3]) await page.fill(`Place ${place}`, 'no heat');
		await page.press('Log the check');
		expect(books.acts('check-quench')).toBe(2);
		await page.go('/charging/C1');
		await page.tick('yes');
		await page.press('Log the test');
		expect(books.acts('test-charge')).toBe(2);
	});

	it('a dose is worked out on sending, a figure shows its inputs, and the spread is logged', async () => {
		await page.go('/beds/Mere%202');
		await page.fill('Rate', '2');
		await page.press('Work it out');
		await page.answers('Put 16 L of C1 on Mere 2');
		await page.figure('To carry');
		expect(await page.text()).toContain('rate × area ÷ char share');
		await page.go('/beds/Mere%202?lot=C1&amount=2&form=L%2Fm2');
		await page.press('Log it spread');
		expect(books.acts('spread')).toBe(1);
		expect(books.balance('C1').volume_ml).toBe(44_000);
	});

	it('bad input is told and kept', async () => {
		await page.go('/woodyard/S2');
		await page.fill('Percent of each piece', 'damp');
		const before = books.everything();
		await page.press('Log the reading');
		expect(await page.complaintAt('Percent of each piece')).toMatch(/no number/);
		expect(await page.value('Percent of each piece')).toBe('damp');
		expect(books.everything()).toBe(before);
	});
});
